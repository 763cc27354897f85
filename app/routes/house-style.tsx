import { useMemo, useRef, useState } from "react";
import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { parsePattern } from "#core/pattern/pattern";
import { CATALOGUE } from "#core/rules/catalogue";
import { SUBJECTS, subjectOf } from "#core/rules/subjects";
import {
  DEFAULT_HOUSE_STYLE,
  type HouseStyle,
  type KindStyle,
  type Patterns,
  type RuleStyle,
  styleForKind,
} from "#core/settings/house-style";
import { screenTitle } from "../document-title";
import { useRuleCounts } from "../house-style/changes";
import { cleanNames, NamesFields } from "../house-style/names-fields";
import { PatternFields } from "../house-style/patterns";
import { RuleLine } from "../house-style/rule-line";
import { organisationFault, SiteDataFields } from "../house-style/site-data-fields";
import { ProposalDialog } from "../proposals/dialog";
import { screenOf } from "../screens";
import { keepHouseStyle } from "../store/house-style";
import type { PageRecord } from "../store/page-record";
import type { SiteRecord } from "../store/records/sites";
import { usePageRows } from "../store/rows";
import { useSiteFindings } from "../store/site-findings";
import { Action, fieldClass, MainButton } from "../ui/controls";
import { download } from "../ui/download";
import { Screen, ScreenTitle, TitleLine } from "../ui/frame";
import { useNotices } from "../ui/notice";
import { useUnkept } from "../ui/unkept";
import { useSite } from "./site";

export const meta = screenTitle("houseStyle");

/** What can be set stands before what is only looked for. */
const ALL = [...CATALOGUE.values()].sort(
  (a, b) => Number(Object.keys(b.settings).length > 0) - Number(Object.keys(a.settings).length > 0),
);

export default function HouseStyleScreen() {
  const site = useSite();
  // Another site, or a change from elsewhere, begins anew.
  return <Sheet key={`${site.id} ${JSON.stringify(site.houseStyle)} ${site.name}`} site={site} />;
}

function Sheet({ site }: { site: SiteRecord }) {
  const { notify, fail } = useNotices();
  const pages = usePageRows(site.id);
  const across = useSiteFindings(site);
  const [draft, setDraft] = useState<HouseStyle>(site.houseStyle);
  const [name, setName] = useState(site.name);
  const [kind, setKind] = useState<PageKind | null>(null);
  const [applying, setApplying] = useState<{
    pages: PageRecord[];
    of: { field: "title" | "description"; pattern: string };
  } | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const { counts, changed } = useRuleCounts(site, pages, across, draft);
  const [saving, setSaving] = useState(false);
  /** What was saved last: storage has it before this screen hears of it. */
  const [saved, setSaved] = useState("");
  const dirty =
    (name !== site.name || JSON.stringify(draft) !== JSON.stringify(site.houseStyle)) &&
    saved !== JSON.stringify([name, draft]);
  const faulty = [draft.patterns, ...Object.values(draft.kinds ?? {}).map((one) => one.patterns)].some((patterns) =>
    [patterns?.title, patterns?.description].some((text) => text && "reason" in parsePattern(text)),
  );

  const strange = draft.data?.organisation !== undefined && organisationFault(draft.data.organisation) !== null;
  const part: KindStyle | HouseStyle = kind === null ? draft : (draft.kinds?.[kind] ?? {});
  const change = (next: KindStyle) =>
    setDraft((all) =>
      kind === null
        ? { ...all, ...next }
        : { ...all, kinds: { ...all.kinds, [kind]: { ...all.kinds?.[kind], ...next } } },
    );
  const setRule = (id: string, style: RuleStyle | null) => {
    const { [id]: _, ...rest } = part.rules ?? {};
    change({ rules: style === null ? rest : { ...rest, [id]: style } });
  };
  const keep = async () => {
    setSaving(true);
    try {
      await keepHouseStyle(site, { name: name.trim(), houseStyle: clean(draft) }, pages ?? []);
      setSaved(JSON.stringify([name, draft]));
      return true;
    } catch (error) {
      fail(error);
      return false;
    } finally {
      setSaving(false);
    }
  };
  const changes = dirty ? "The house style has been changed." : null;
  useUnkept(changes, faulty || strange ? undefined : keep, saving);
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    try {
      const { checkHouseStyle } = await import("#core/exchange/house-style-file");
      const checked = checkHouseStyle(JSON.parse(await chosen.text()));
      if ("reason" in checked) fail(new Error(checked.reason));
      else {
        setDraft(checked.houseStyle);
        notify("House style read", "Look at what it changes, then keep it.");
      }
    } catch {
      fail(new Error(`${chosen.name} is no house style: it is no JSON that can be read. Export one to see its shape.`));
    }
  };
  const here = useMemo(() => (pages ?? []).filter((page) => kind === null || page.kind === kind), [pages, kind]);
  const following = {
    title: here.filter((page) => page.patterned.includes("title")).length,
    description: here.filter((page) => page.patterned.includes("description")).length,
  };
  /** Asks for the pages that the pattern holds for: those of kinds with a pattern of their own follow that. */
  const apply = (field: "title" | "description") => {
    const holds = (page: PageRecord) => styleForKind(draft, page.kind).patterns?.[field] === pattern;
    const pattern = part.patterns?.[field] ?? draft.patterns?.[field];
    if (pattern) setApplying({ pages: here.filter(holds), of: { field, pattern } });
  };
  const kinds = [...new Set((pages ?? []).map((page) => page.kind))];
  return (
    <Screen>
      <TitleLine site={site} screen={screenOf("houseStyle")}>
        <ScreenTitle>House style</ScreenTitle>
        <span className="truncate text-ink-soft">{site.name || site.address}</span>
      </TitleLine>
      <div className="min-h-0 flex-1 overflow-y-auto bg-sheet">
        <div className="mx-auto max-w-[61.25rem] px-8 py-6">
          <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
            <label className="flex items-baseline gap-2 font-serif text-18">
              How we write{" "}
              <select
                aria-label="Pages of which kind"
                value={kind ?? ""}
                onChange={(e) => setKind((e.target.value || null) as PageKind | null)}
                className="border-graphite border-b border-dotted bg-transparent"
              >
                <option value="">pages of every kind</option>
                {Object.entries(PAGE_KINDS).map(([one, { many }]) => (
                  <option key={one} value={one}>
                    {many}
                    {kinds.includes(one as PageKind) ? "" : " (none here)"}
                  </option>
                ))}
              </select>
            </label>
            <span className="flex-1" />
            <Action
              onClick={() =>
                download(
                  `house-style-${(site.name || "site").toLowerCase().replace(/\W+/g, "-")}.json`,
                  JSON.stringify(clean(draft), null, 2),
                  "application/json",
                )
              }
            >
              Export
            </Action>
            <Action onClick={() => file.current?.click()}>Import…</Action>
            <Action
              onClick={() => setDraft({ ...DEFAULT_HOUSE_STYLE, brand: draft.brand, separator: draft.separator })}
            >
              Reset
            </Action>
            <input
              ref={file}
              type="file"
              hidden
              aria-label="House style file"
              accept=".json,application/json"
              onChange={(e) => void take(e.target.files?.[0])}
            />
          </div>
          {kind !== null && (
            <p className="mt-1 text-ink-soft">What is not changed here is as for pages of every kind.</p>
          )}
          {kind === null && (
            <div className="mt-5 grid grid-cols-[1fr_1fr_7.5rem] gap-4">
              <label className="grid gap-1">
                <span className="text-ink-soft">The site is called</span>
                <input
                  aria-label="Name of the site"
                  value={name}
                  onChange={(e) => setName(e.target.value)}
                  className={fieldClass}
                />
              </label>
              <label className="grid gap-1">
                <span className="text-ink-soft">Brand at the end of titles</span>
                <input
                  aria-label="Brand at the end of titles"
                  value={draft.brand}
                  onChange={(e) => setDraft({ ...draft, brand: e.target.value })}
                  className={fieldClass}
                />
              </label>
              <label className="grid gap-1">
                <span className="text-ink-soft">Separator</span>
                <input
                  aria-label="Separator"
                  value={draft.separator}
                  onChange={(e) => setDraft({ ...draft, separator: e.target.value })}
                  className={`${fieldClass} font-mono`}
                />
              </label>
            </div>
          )}
          {kind === null && (
            <section aria-label="Names" className="mt-6">
              <NamesFields
                style={draft}
                pageIds={(pages ?? []).map(({ id }) => id)}
                onChange={(names) => setDraft((all) => ({ ...all, names }))}
              />
            </section>
          )}
          <section aria-label="Patterns" className="mt-6">
            <PatternFields
              patterns={part.patterns ?? {}}
              inherited={kind === null ? {} : (draft.patterns ?? {})}
              kind={kind}
              following={following}
              onChange={(patterns: Patterns) => change({ patterns })}
              onApply={dirty || here.length === 0 ? null : apply}
            />
          </section>
          {Object.entries(SUBJECTS).map(([subject, title]) => (
            <section key={subject} id={subject} aria-label={title} className="mt-8">
              <h2 className="font-serif text-18">{title}</h2>
              {subject === "data" && kind === null && (
                <div className="mt-2 mb-4">
                  <SiteDataFields data={draft.data} onChange={(data) => setDraft({ ...draft, data })} />
                </div>
              )}
              <ul className="mt-1 border-hairline border-t">
                {ALL.filter(({ id }) => subjectOf(id) === subject).map((rule) => (
                  <RuleLine
                    key={rule.id}
                    rule={rule}
                    style={(kind === null ? draft : styleForKind(draft, kind)).rules[rule.id] ?? {}}
                    overridden={part.rules?.[rule.id] !== undefined}
                    count={counts.get(rule.id) ?? { kept: 0, drafted: 0 }}
                    onChange={(style) => setRule(rule.id, style)}
                    onReset={() => setRule(rule.id, null)}
                  />
                ))}
              </ul>
            </section>
          ))}
        </div>
      </div>
      {dirty && (
        <section
          aria-label="What is changed"
          className="flex flex-wrap items-baseline gap-5 border-ink border-t bg-paper px-8 py-3"
        >
          <Effect counts={changed.map((id) => counts.get(id)).filter((one) => one !== undefined)} />
          <span className="flex-1" />
          <Action
            onClick={() => {
              setDraft(site.houseStyle);
              setName(site.name);
            }}
          >
            Cancel
          </Action>
          <MainButton disabled={faulty || strange} onClick={() => void keep()}>
            Keep this house style
          </MainButton>
        </section>
      )}
      {applying && (
        <ProposalDialog
          site={site}
          pages={applying.pages}
          way="pattern"
          of={applying.of}
          onClose={() => setApplying(null)}
        />
      )}
    </Screen>
  );
}

/** Patterns that are empty say nothing. */
function clean(style: HouseStyle): HouseStyle {
  const kinds = Object.fromEntries(
    Object.entries(style.kinds ?? {}).filter(
      ([, one]) => Object.keys(one.rules ?? {}).length > 0 || Object.keys(one.patterns ?? {}).length > 0,
    ),
  );
  const { kinds: _, patterns, names, ...rest } = style;
  const own = cleanNames(names);
  return {
    ...rest,
    ...(own && { names: own }),
    ...(patterns && Object.keys(patterns).length > 0 && { patterns }),
    ...(Object.keys(kinds).length > 0 && { kinds }),
  };
}

const number = new Intl.NumberFormat("en-GB");

function Effect({ counts }: { counts: { kept: number; drafted: number | null }[] }) {
  let fewer = 0;
  let more = 0;
  for (const { kept, drafted } of counts) {
    if (drafted === null) return <span aria-live="polite">Counting what this changes…</span>;
    if (drafted < kept) fewer += kept - drafted;
    else more += drafted - kept;
  }
  const said = [
    fewer > 0 && `${number.format(fewer)} findings fewer`,
    more > 0 && `${number.format(more)} ${fewer > 0 ? "more" : "findings more"}`,
  ]
    .filter(Boolean)
    .join(", ");
  return <span aria-live="polite">{said || "The findings stay as they are."}</span>;
}
