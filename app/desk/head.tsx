import { canonicalOf, languageOf } from "#core/page/page";
import { Numerals } from "./field";
import type { Desk } from "./use-desk";

const CHARSET_BY = {
  "byte-order-mark": "by its byte order mark",
  header: "by the server’s header",
  meta: "by a meta element",
  fallback: "guessed, since nothing says so",
  text: "as it was pasted",
} as const;

/** What the head says that is no title or description. */
export function Head({
  desk,
  selected,
  onSelect,
}: {
  desk: Desk;
  selected: number | null;
  onSelect: (n: number) => void;
}) {
  const { page, original } = desk;
  const notes = desk.notes.filter((n) => n.finding.at.part === "head");
  const canonical = canonicalOf(page);
  const was = canonicalOf(original);
  const lines: [string, string][] = [
    ["language", languageOf(page) || "not said"],
    ["character set", `${page.charset.name}, ${CHARSET_BY[page.charset.by]}`],
    ["viewport", page.metas.find((m) => m.name === "viewport")?.content ?? "not said"],
    ["doctype", page.doctype ? page.doctype.publicId || page.doctype.name : "none"],
  ];
  return (
    <section aria-labelledby="head-heading" data-anchor="head">
      <h2 id="head-heading" className="font-serif text-18">
        Head
        <Numerals notes={notes} selected={selected} onSelect={onSelect} />
      </h2>
      <dl className="mt-2 grid grid-cols-[120px_1fr] gap-y-1">
        {lines.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-soft">{name}</dt>
            <dd className="min-w-0 break-words">{value}</dd>
          </div>
        ))}
        <dt className="text-soft">
          <label htmlFor="canonical">canonical</label>
        </dt>
        <dd>
          <input
            id="canonical"
            defaultValue={canonical ?? ""}
            key={canonical}
            placeholder="not said"
            onBlur={(e) =>
              e.target.value.trim() !== (canonical ?? "") &&
              desk.edit({ op: "set-canonical", value: e.target.value, was }, "Canonical")
            }
            onKeyDown={(e) => e.key === "Enter" && e.currentTarget.blur()}
            className={`w-full bg-transparent placeholder:text-graphite ${canonical === was ? "" : "text-blue"}`}
          />
        </dd>
      </dl>
    </section>
  );
}
