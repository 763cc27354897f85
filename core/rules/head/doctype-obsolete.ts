import { rule, standard } from "../rule.ts";
import { quote } from "../texts.ts";

export const headDoctypeObsolete = rule({
  id: "head/doctype-obsolete",
  weight: "may",
  formats: ["html"],
  sees: ["doctype", "quirks"],
  finds: "a doctype of an older version of HTML",
  counted: ["# page has an obsolete doctype", "# pages have an obsolete doctype"],
  why: "It does no harm unless it makes browsers fall back to old layout. <!DOCTYPE html> is enough.",
  source: standard("HTML Living Standard 13.1.1"),
  check(page, report) {
    const { doctype } = page;
    if (
      !doctype ||
      (doctype.name === "html" &&
        doctype.publicId === "" &&
        (doctype.systemId === "" || doctype.systemId === "about:legacy-compat"))
    )
      return;
    const message = `The doctype is ${quote(doctype.publicId || doctype.systemId || doctype.name)}${page.quirks ? ", which makes browsers lay the page out in the old way" : ""}.`;
    report({ message, at: { part: "head", range: doctype } });
  },
});
