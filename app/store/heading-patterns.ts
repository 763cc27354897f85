import { editsForShape, type PatternTarget } from "#core/proposals/heading-shapes";
import { applyToPage } from "#core/rewrite/apply";
import { type Edit, withEdit } from "#core/rewrite/edits";
import type { HeadingShape, ShapeFault } from "#core/site/facets/shapes";
import { loadPage } from "./freshen";

/** What a pattern of headings shall become, on every page that has it. */
export interface PatternChange {
  shape: Partial<HeadingShape>;
  target: PatternTarget;
  /** The very same classes and landmark, not only these. */
  exact: boolean;
  /** What the pattern was found by: pages without it are left alone. */
  faults?: readonly ShapeFault[];
}

export interface OutlineLine {
  level: number;
  text: string;
  changed: boolean;
}

export interface PatternPreview {
  pageId: string;
  edits: Edit[];
  was: OutlineLine[];
  is: OutlineLine[];
  reason: string | null;
}

/** What a change of a pattern makes of one page's outline, without changing anything; null where it has nothing of it. */
export async function previewPattern(pageId: string, change: PatternChange): Promise<PatternPreview | null> {
  const loaded = await loadPage(pageId);
  if (!loaded) return null;
  const edits = editsForShape(loaded.original, change.shape, change.target, change.exact, change.faults);
  if (edits.length === 0) return null;
  const before = applyToPage(loaded.original, loaded.edits).page;
  const after = applyToPage(
    loaded.original,
    edits.reduce<readonly Edit[]>((all, one) => withEdit(all, one), loaded.edits),
  );
  const touched = new Set(
    edits.flatMap((edit) => ("heading" in edit ? [edit.heading.text] : "block" in edit ? [edit.block.text] : [])),
  );
  const lines = (page: typeof before): OutlineLine[] =>
    Array.from(page.headings, ({ level, text }) => ({
      level,
      text: text.slice(0, 120),
      changed: touched.has(text.slice(0, 160)),
    }));
  return { pageId, edits, was: lines(before), is: lines(after.page), reason: after.refused[0]?.reason ?? null };
}
