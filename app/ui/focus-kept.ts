import { isTabbable, tabbable } from "tabbable";
import { focusOn, isTyped, REMOVES } from "./focus-on";

/** Where the focus was: the element, and how to find what stands in its place once it is gone. */
interface Trail {
  element: Element;
  /** What it was called, which may stand there again. */
  name: string;
  /** The elements around it, the nearest first, and as which of their children it stood there. */
  around: { parent: Element; index: number }[];
  /** The address of the screen that it stood on. */
  path: string;
}

/** How long after something is gone others have to take the focus themselves, in milliseconds. */
const SETTLED = 40;

const nameOf = (element: Element) =>
  `${element.tagName} ${element.getAttribute("aria-label") ?? element.textContent?.slice(0, 80) ?? ""}`;

const paths = new WeakMap<Element, string>();

/**
 * The address of the screen that is drawn. While the next one is being drawn the browser's address is already that one's, and
 * a dialog that closes meanwhile gives the focus back to the screen that is left.
 */
function pathDrawn(): string {
  const main = document.querySelector("main");
  if (!main) return location.pathname;
  const path = paths.get(main) ?? location.pathname;
  paths.set(main, path);
  return path;
}

function trailOf(element: Element): Trail {
  const around: Trail["around"] = [];
  for (let at = element; at.parentElement && at !== document.body; at = at.parentElement)
    around.push({ parent: at.parentElement, index: [...at.parentElement.children].indexOf(at) });
  return { element, name: nameOf(element), around, path: pathDrawn() };
}

const focusable = (element: Element) =>
  [...(isTabbable(element) ? [element as HTMLElement] : []), ...tabbable(element)].filter(
    (one) => !isTyped(one) && !one.hasAttribute(REMOVES),
  );

/** What stands where a child of an element was, or is next to it. */
function nearest(parent: Element, index: number): HTMLElement | SVGElement | undefined {
  const children = [...parent.children];
  for (const child of children.slice(Math.max(0, index))) {
    const [first] = focusable(child);
    if (first) return first;
  }
  for (const child of children.slice(0, Math.max(0, index)).reverse()) {
    const last = focusable(child).at(-1);
    if (last) return last;
  }
  return undefined;
}

/** How long the heading of a screen is waited for, in milliseconds; then its main part has to do until the heading is there. */
const OPENED = 1500;

/** It is still there, and can have the focus again. */
const canTakeIt = (element: Element): element is HTMLElement =>
  element instanceof HTMLElement &&
  element.isConnected &&
  !element.matches(":disabled, [inert] *") &&
  element.checkVisibility();

/** What stands in the place of an element that is gone or can no longer be pressed. */
function inPlaceOf({ element, name, around, path }: Trail): HTMLElement | SVGElement | null {
  if (path !== pathDrawn()) return null;
  if (canTakeIt(element)) return element;
  let looked = false;
  for (const { parent, index } of around) {
    if (!parent.isConnected) continue;
    if (parent === document.body) return null;
    const again = looked
      ? undefined
      : tabbable(parent).find((one) => nameOf(one) === name && !one.hasAttribute(REMOVES));
    looked = true;
    const found = again ?? nearest(parent, index);
    if (found) return found;
  }
  return null;
}

/** A browser takes the focus from what cannot have it any more only when it draws next, and tells nobody. */
const isLost = () => {
  const { activeElement } = document;
  return activeElement === null || activeElement === document.body || activeElement.matches(":disabled, [inert] *");
};

/**
 * Whoever works by key or by ear is never put back to the beginning of the document: when what had the focus goes – a dialog
 * that closes, a line that is taken out, a button that cannot be pressed any more, a page that is left – the focus goes to what
 * stands in its place. Gives what ends it.
 *
 * @param last What had the focus last, which may be gone already; null or the body where nothing had it.
 */
export function keepFocus(last: Element | null): () => void {
  // One for each layer: the screen, a dialog over it, a menu over that.
  let trails: Trail[] = last === null || last === document.body ? [] : [trailOf(last)];
  let waiting: ReturnType<typeof setTimeout> | undefined;
  let lostAt = 0;
  /** The main part of a screen that has the focus until there is a heading. */
  let stopgap: HTMLElement | null = null;
  const waitsForHeading = () => stopgap !== null && document.activeElement === stopgap;
  const layerOf = ({ around, element }: Trail) => around.at(-2)?.parent ?? element;
  const onFocus = ({ target }: FocusEvent) => {
    if (!(target instanceof Element) || target === document.body || target === stopgap) return;
    // Whoever comes back to the main part, past the frame, stays there.
    stopgap = null;
    const trail = trailOf(target);
    trails = [...trails.filter((one) => layerOf(one) !== layerOf(trail)), trail].slice(-5);
  };
  const restore = () => {
    waiting = undefined;
    const heading = document.querySelector<HTMLElement>("h1");
    if (waitsForHeading() && heading) return focusOn(heading);
    const latest = trails.at(-1);
    if (!isLost() || !latest || canTakeIt(latest.element)) return;
    for (const trail of trails.toReversed()) {
      const found = inPlaceOf(trail);
      if (found instanceof HTMLElement) return focusOn(found);
    }
    if (heading) return focusOn(heading);
    if (Date.now() - lostAt < OPENED) {
      waiting = setTimeout(restore, SETTLED);
      return;
    }
    stopgap = document.querySelector<HTMLElement>("main");
    if (stopgap) focusOn(stopgap);
  };
  const look = () => {
    pathDrawn();
    if (waiting !== undefined || trails.length === 0 || !(isLost() || waitsForHeading())) return;
    lostAt = Date.now();
    waiting = setTimeout(restore, SETTLED);
  };
  const watch = new MutationObserver(look);
  document.addEventListener("focusin", onFocus);
  watch.observe(document.body, {
    subtree: true,
    childList: true,
    attributes: true,
    attributeFilter: ["disabled", "hidden", "inert"],
  });
  look();
  return () => {
    clearTimeout(waiting);
    watch.disconnect();
    document.removeEventListener("focusin", onFocus);
  };
}
