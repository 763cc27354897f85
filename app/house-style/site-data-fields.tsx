import type { SiteData, SiteOrganisation } from "#core/settings/house-style";
import { isKindOf, vocabulary } from "#core/structured-data/vocabulary";
import { fieldClass } from "../ui/controls";

type TextField = "name" | "logo" | "telephone" | "email" | "address";

const FIELDS: [field: TextField, label: string, hint: string][] = [
  ["name", "Name", ""],
  ["logo", "Logo, its address", "https://"],
  ["telephone", "Telephone", ""],
  ["email", "Email", ""],
  ["address", "Address", "Street, town"],
];

/** Whether a type is one of schema.org’s organisations. */
const runsSites = (type: string): boolean => isKindOf(type, "Organization");

/** What is wrong with an organisation, in a sentence; null where nothing is. */
export const organisationFault = ({ type, name }: SiteOrganisation): string | null => {
  if (!runsSites(type)) return "schema.org has no organisation of that type.";
  return name.trim() === "" ? "The organisation needs a name." : null;
};

const EMPTY: SiteOrganisation = { type: "Organization", name: "" };

/** What the house style says of structured data: how it is written, and whoever runs the site. */
export function SiteDataFields({
  data = { written: "blocks" },
  onChange,
}: {
  data: SiteData | undefined;
  onChange: (data: SiteData) => void;
}) {
  const own = data.organisation ?? EMPTY;
  const fault = data.organisation ? organisationFault(data.organisation) : null;
  const set = (next: SiteOrganisation) => {
    const { organisation: _, ...rest } = data;
    const filled = Object.fromEntries(
      Object.entries(next).filter(([key, value]) => key === "type" || value.length > 0),
    ) as unknown as SiteOrganisation;
    const untouched = next.type === EMPTY.type && Object.keys(filled).length === 1;
    onChange(untouched ? rest : { ...data, organisation: { ...EMPTY, ...filled } });
  };
  return (
    <div className="grid gap-4">
      <label className="font-serif text-15">
        New structured data of a page stands in{" "}
        <select
          aria-label="How new structured data is written"
          value={data.written}
          onChange={(e) => onChange({ ...data, written: e.target.value as SiteData["written"] })}
          className="border-graphite border-b border-dotted bg-transparent"
        >
          <option value="blocks">a block for each entity</option>
          <option value="graph">one graph</option>
        </select>
        .
      </label>
      <fieldset>
        <legend className="font-serif text-15">Whoever runs the site</legend>
        <div className="mt-2 grid grid-cols-[1fr_1fr_1fr] items-start gap-x-4 gap-y-3 max-[43.75rem]:grid-cols-1">
          <label className="grid gap-1">
            <span className="text-ink-soft">Type</span>
            <input
              list="organisation-types"
              value={own.type}
              onChange={(e) => set({ ...own, type: e.target.value })}
              className={fieldClass}
            />
            <datalist id="organisation-types">
              {[...vocabulary().types.keys()].filter(runsSites).map((type) => (
                <option key={type} value={type} />
              ))}
            </datalist>
          </label>
          {FIELDS.map(([field, label, hint]) => (
            <label key={field} className="grid gap-1">
              <span className="text-ink-soft">{label}</span>
              <input
                value={own[field] ?? ""}
                placeholder={hint}
                onChange={(e) => set({ ...own, [field]: e.target.value })}
                className={fieldClass}
              />
            </label>
          ))}
          {fault && <p className="col-span-full text-red">{fault}</p>}
          <label className="col-span-full grid gap-1">
            <span className="text-ink-soft">Profiles elsewhere, an address a line</span>
            <textarea
              rows={2}
              value={(own.profiles ?? []).join("\n")}
              onChange={(e) => set({ ...own, profiles: e.target.value === "" ? [] : e.target.value.split("\n") })}
              className={fieldClass}
            />
          </label>
        </div>
      </fieldset>
    </div>
  );
}
