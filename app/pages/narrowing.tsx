import { PAGE_KINDS, type PageKind } from "#core/page/page-kind";
import { WEIGHTS, type Weight } from "#core/settings/setting";
import { WordSelect } from "../ui/controls";

/** Narrows pages to those of a kind that the site has; `words` are what stands before each. */
export function KindSelect({
  value,
  has,
  words = "",
  onChange,
}: {
  value: PageKind | null;
  has: ReadonlySet<PageKind>;
  words?: string;
  onChange: (kind: PageKind | null) => void;
}) {
  return (
    <WordSelect
      label="Page kind"
      value={value ?? ""}
      onChange={(kind) => onChange((kind || null) as PageKind | null)}
      options={[
        ["", `${words}pages of any kind`],
        ...Object.entries(PAGE_KINDS)
          .filter(([kind]) => has.has(kind as PageKind) || kind === value)
          .map(([kind, { many }]) => [kind, words + many] as const),
      ]}
    />
  );
}

/** Narrows pages to those below a folder. */
export function BelowSelect({
  value,
  folders,
  words = "",
  onChange,
}: {
  value: string;
  folders: readonly string[];
  words?: string;
  onChange: (folder: string) => void;
}) {
  return (
    <WordSelect
      label="Below an address"
      className={words ? "" : "font-mono text-12"}
      value={value}
      onChange={onChange}
      options={[
        ["", `${words}any address`],
        ...[...new Set([...folders, ...(value ? [value] : [])])].map((folder) => [folder, words + folder] as const),
      ]}
    />
  );
}

/** Narrows findings to those of a weight. */
export function WeightSelect({
  value,
  words = "",
  onChange,
}: {
  value: Weight | null;
  words?: string;
  onChange: (weight: Weight | null) => void;
}) {
  return (
    <WordSelect
      label="By weight"
      value={value ?? ""}
      onChange={(weight) => onChange((weight || null) as Weight | null)}
      options={[["", `${words}any weight`], ...WEIGHTS.map((weight) => [weight, words + weight] as const)]}
    />
  );
}
