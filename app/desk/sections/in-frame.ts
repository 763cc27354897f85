/**
 * Methods of documents and elements that are not ours. Elements that are named like a method lie over it, on documents and
 * on forms (HTML Living Standard 3.1.7 and 4.10.3, [LegacyOverrideBuiltIns]), so that it is taken from our own.
 */
export const inFrame = {
  all: (document: Document, selector: string): readonly Element[] => [
    ...Document.prototype.querySelectorAll.call(document, selector),
  ],
  listen: (document: Document, type: "click", heard: (event: MouseEvent) => void): void =>
    EventTarget.prototype.addEventListener.call(document, type, heard as EventListener),
  around: (element: Element, selector: string): Element | null => Element.prototype.closest.call(element, selector),
  value: (element: Element, name: string): string | null => Element.prototype.getAttribute.call(element, name),
  mark: (element: Element, name: string, marked: boolean): boolean =>
    Element.prototype.toggleAttribute.call(element, name, marked),
  show: (element: Element): void => Element.prototype.scrollIntoView.call(element, { block: "center" }),
};
