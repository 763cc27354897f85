import { canonicalElements, canonicalOf, type Page } from "../../page/page.ts";
import { cleanValue } from "../clean-value.ts";
import { carryField, type FieldEdit, planField } from "../head-field.ts";
import { insertHeadElement } from "../insert.ts";
import { escapeAttribute, setAttribute } from "../markup.ts";
import { type Operation, setsWhatWas, valueIn } from "./operation.ts";

export interface SetCanonical extends FieldEdit {
  op: "set-canonical";
}

const NEW_LINK = { rel: ["canonical"], hreflang: null, where: "head" as const, range: null };

/** Why a text is no canonical address; null where it is one, or empty, which takes the canonical out. */
function notAnAddress(value: string, base: string): string | null {
  if (value === "") return null;
  if (/\s/.test(value)) return `An address has no spaces: “${value}”. Type one address, and write %20 for a space.`;
  const full = URL.canParse(value, base) ? new URL(value, base) : null;
  return full && /^https?:$/.test(full.protocol)
    ? null
    : `“${value}” is no address of a page. Type one like https://www.example.org/visit/.`;
}

function plan(page: Page, edit: SetCanonical) {
  const current = canonicalOf(page);
  const wrong = notAnAddress(cleanValue(edit.value), page.address);
  if (wrong) return wrong;
  return planField(edit, current ?? "", current !== null, (value) => ({
    field: { name: "canonical", value },
    patches: () => {
      const range = canonicalElements(page)[0]?.range;
      if (range) return [setAttribute(page.source, range, "href", value)];
      const tag = `<link rel="canonical" href="${escapeAttribute(value, '"')}"`;
      return [insertHeadElement(page, "canonical", tag)];
    },
    apply: (now) => {
      const at = now.headLinks.findIndex(({ rel }) => rel.includes("canonical"));
      const set = { ...(now.headLinks[at] ?? NEW_LINK), href: value };
      return { ...now, headLinks: at < 0 ? [...now.headLinks, set] : now.headLinks.with(at, set) };
    },
  }));
}

export const setCanonical: Operation<SetCanonical> = {
  called: "canonical",
  schema: ({ value, nothing }) => ({ value, was: nothing }),
  nodes: () => [],
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, { is }) => ({ op: "set-canonical", value: is, was: canonicalOf(page) }),
  plan: { html: plan, markdown: plan, fields: plan },
  headOrder: 2,
  carry: (edit, carrying) => carryField(edit, carrying, (page) => canonicalOf(page) ?? "", "canonical address"),
  sample: (_, { fc }) => fc.webUrl().map((value) => ({ op: "set-canonical", value, was: null })),
};
