import type fc from "fast-check";
import type { MetaElement, Page } from "../page/page.ts";
import { cleanValue } from "./clean-value.ts";
import { carryStated, type FieldEdit } from "./head-field.ts";
import { insertHeadElement } from "./insert.ts";
import { escapeAttribute, setAttribute, wholeLine } from "./markup.ts";
import { type Operation, patched, type Samples, setsWhatWas, valueIn } from "./operations/operation.ts";

/** The first `meta` of a name. */
export const metaOf = (page: Page, name: string): MetaElement | undefined =>
  page.metas.find((meta) => meta.name === name);

/** The operation that sets the content of the `meta` of a name; an empty one takes it out. */
export const setMeta = <E extends FieldEdit>(
  op: E["op"],
  name: string,
  sample: (samples: Samples) => fc.Arbitrary<E>,
): Operation<E> => ({
  called: name,
  schema: ({ value, nothing }) => ({ value, was: nothing }),
  nodes: () => [],
  is: valueIn,
  isNothing: setsWhatWas,
  fromRow: (page, { is }) => ({ op, value: is, was: metaOf(page, name)?.content ?? null }) as E,
  plan: {
    html(page, edit) {
      const value = cleanValue(edit.value);
      const meta = metaOf(page, name);
      if (value === (meta?.content ?? "")) return null;
      if (meta?.range) {
        const { start, end } = meta.range;
        const alone = page.metas.filter((one) => one.name === name).length === 1;
        // One that says nothing goes; of several the others would come into its place.
        if (value === "" && alone) return patched({ patches: [wholeLine(page.source, start, end)] });
        return patched({ patches: [setAttribute(page.source, meta.range, "content", value)] });
      }
      const tag = `<meta name="${name}" content="${escapeAttribute(value, '"')}"`;
      return patched({ patches: [insertHeadElement(page, "other", tag)] });
    },
  },
  carry: (edit, carrying) => carryStated(edit, carrying, (page) => metaOf(page, name)?.content ?? ""),
  sample: (_, samples) => sample(samples),
});
