import { fieldsOf } from "../page/fields.ts";
import type { Page } from "../page/page.ts";
import { operationOf } from "./edits.ts";
import { frontMatterPatches } from "./markdown.ts";
import type { Patch } from "./patch.ts";
import type { Step } from "./step.ts";

/** Title before description before canonical: insertions at one place come out in the order a person would write. */
function inHeadOrder(steps: readonly Step[]): Step[] {
  // What concerns the body comes behind: where the head is left out both may begin at one place.
  const rank = ({ edit }: Step) => operationOf(edit).headOrder ?? Number.POSITIVE_INFINITY;
  return [...steps].sort((a, b) => (rank(a) === rank(b) ? 0 : rank(a) - rank(b)));
}

/** What a spreadsheet said of a page is written anew as a whole. */
function fieldsPatches({ source }: Page, steps: readonly Step[]): Patch[] {
  const values = fieldsOf(source);
  for (const { change } of steps) {
    if (!change.field) continue;
    const { name, value } = change.field;
    if (value === null) delete values[name];
    else values[name] = value;
  }
  const text = JSON.stringify(values);
  return text === source ? [] : [{ start: 0, end: source.length, text }];
}

/** The patches that carry out steps in a Markdown file: fields in its front matter, headings and blocks in its body. */
function markdownPatches({ source }: Page, steps: readonly Step[]): Patch[] {
  const isField = ({ change }: Step) => change.field !== undefined && change.heading === undefined;
  return [
    ...frontMatterPatches(
      source,
      steps.filter(isField).flatMap(({ change }) => change.field ?? []),
    ),
    ...steps.filter((step) => !isField(step)).flatMap(({ change }) => change.patches()),
  ];
}

/** The patches that carry out steps, in whatever the page's source is written. */
export function patchesOf(page: Page, steps: readonly Step[]): Patch[] {
  if (page.format === "markdown") return markdownPatches(page, steps);
  if (page.format === "fields") return fieldsPatches(page, steps);
  return inHeadOrder(steps).flatMap(({ change }) => change.patches());
}
