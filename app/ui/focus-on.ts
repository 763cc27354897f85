/** Marks a control that takes something away: the focus never lands on it by itself. */
export const REMOVES = "data-removes";

/** Words are typed into it. */
export const isTyped = (element: Element) =>
  element.matches(
    "input:not([type=checkbox], [type=radio], [type=file], [type=range]), textarea, [contenteditable=true]",
  );

/** Gives the focus to what bears none by itself, such as a heading or a part of the sheet: Tab goes on from there. */
export function focusOn(element: HTMLElement): void {
  if (!element.matches("a[href], button, input, select, summary, textarea, [contenteditable=true], [tabindex]")) {
    element.tabIndex = -1;
    // A press on it is no choice of it.
    element.addEventListener("blur", () => element.removeAttribute("tabindex"), { once: true });
  }
  element.focus();
}

/** What a field that is left stands in: keys are the screen's again, and Tab goes on from there. */
export function focusAround(field: Element): void {
  const around = field.parentElement?.closest<HTMLElement>("section, aside, li, [role=group], [role=region], main");
  if (around) focusOn(around);
}
