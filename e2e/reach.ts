import type { Page } from "playwright-core";

/**
 * What within an element cannot be brought into view by scrolling, and how far the document reaches beyond the window. The
 * window itself must not have moved where it does not scroll.
 */
export const outOfReach = (page: Page, within: string, scrolls: boolean) =>
  page.evaluate(
    ({ within, scrolls }) => {
      const { innerHeight: high, innerWidth: wide } = window;
      const found: string[] = [];
      const controls = ["a", "button", "input", "select", "textarea", "[role=menuitem]", "[role=option]"];
      for (const one of document.querySelectorAll<HTMLElement>(controls.map((one) => `${within} ${one}`).join())) {
        // What is not drawn, or shows itself to listeners alone.
        if (!one.offsetParent || one.closest(".sr-only")) continue;
        one.scrollIntoView({ block: "center", inline: "nearest" });
        const { top, right, bottom, left } = one.getBoundingClientRect();
        if (top < -1 || left < -1 || bottom > high + 1 || right > wide + 1)
          found.push(one.getAttribute("aria-label") ?? one.textContent ?? "");
      }
      const { scrollTop, scrollWidth } = document.documentElement;
      if (scrollTop > 0 && !scrolls) found.push(`the window itself was scrolled by ${scrollTop} px`);
      if (scrollWidth > wide) found.push(`the document is ${scrollWidth} px wide`);
      return found;
    },
    { within, scrolls },
  );
