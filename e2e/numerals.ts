import type { Page } from "playwright-core";

/**
 * Numerals that touch a letter with their ink, that would take a press which is on a letter, and those of which a part is
 * clipped, on the sheet as it is drawn.
 */
export const numeralsAmiss = (page: Page): Promise<{ numerals: number; amiss: string[] }> =>
  page.evaluate(() => {
    const canvas = document.createElement("canvas").getContext("2d");
    if (!canvas) throw new Error("no canvas");
    interface Box {
      left: number;
      right: number;
      top: number;
      bottom: number;
    }
    /** The box that the ink of a stretch of text fills: its range tells where its letters stand, its face how high they are. */
    const ink = (range: Range, element: Element): Box | null => {
      const { left, width, top } = range.getBoundingClientRect();
      const text = range.toString();
      if (width === 0 || text.trim() === "") return null;
      canvas.font = getComputedStyle(element).font;
      const drawn = canvas.measureText(text);
      const baseline = top + drawn.fontBoundingBoxAscent;
      return {
        left: left - drawn.actualBoundingBoxLeft,
        right: left + drawn.actualBoundingBoxRight,
        top: baseline - drawn.actualBoundingBoxAscent,
        bottom: baseline + drawn.actualBoundingBoxDescent,
      };
    };
    const meet = (a: Box, b: Box) =>
      Math.min(a.right, b.right) - Math.max(a.left, b.left) > 0.5 &&
      Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 0.5;
    const isDrawn = (element: Element) => {
      const { color, visibility, opacity } = getComputedStyle(element);
      return visibility === "visible" && opacity !== "0" && !/, 0\)$/.test(color) && !element.closest(".sr-only");
    };
    const main = document.querySelector("main") ?? document.body;
    const numerals: { name: string; box: Box; element: Element }[] = [];
    const texts: { node: Text; element: Element; box: DOMRect }[] = [];
    const walker = document.createTreeWalker(main, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode() as Text | null; node; node = walker.nextNode() as Text | null) {
      const element = node.parentElement;
      if (!element || !isDrawn(element)) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const box = range.getBoundingClientRect();
      if (box.width === 0) continue;
      const note = element.closest("button[aria-label^='Note ']");
      const own = note && ink(range, element);
      if (note && own) numerals.push({ name: note.getAttribute("aria-label") ?? "", box: own, element: note });
      else texts.push({ node, element, box });
    }
    const amiss: string[] = [];
    for (const { name, box, element } of numerals) {
      const pressed = element.getBoundingClientRect();
      for (const text of texts) {
        if (!meet(box, text.box) && !meet(pressed, text.box)) continue;
        for (let i = 0; i < text.node.length; i++) {
          const range = document.createRange();
          range.setStart(text.node, i);
          range.setEnd(text.node, i + 1);
          const letter = ink(range, text.element);
          if (letter && meet(pressed, letter))
            amiss.push(`${name} is pressed on “${range.toString()}” of “${text.node.data.slice(0, 40)}”`);
          if (letter && meet(box, letter))
            amiss.push(`${name} touches “${range.toString()}” of “${text.node.data.slice(0, 40)}”`);
        }
      }
      if (box.left < 0 || box.right > innerWidth) amiss.push(`${name} stands beyond the window`);
      for (let around = element.parentElement; around && around !== main; around = around.parentElement) {
        const { overflowX, overflowClipMargin } = getComputedStyle(around);
        if (overflowX === "visible") continue;
        const { left, right } = around.getBoundingClientRect();
        const margin = overflowX === "clip" ? Number.parseFloat(overflowClipMargin) || 0 : 0;
        if (box.left < left - margin || box.right > right + margin) amiss.push(`${name} is clipped`);
      }
    }
    return { numerals: numerals.length, amiss: [...new Set(amiss)] };
  });
