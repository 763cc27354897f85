import { addressOn } from "../../page/page.ts";
import { standard } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, only, placeOf, textsIn } from "./data-rule.ts";

export const dataUrl = dataRule({
  id: "data/url",
  weight: "must",
  finds: "an address that is none",
  why: "Readers of data follow it and find nothing.",
  source: standard("WHATWG URL"),
  *check(data, { page }) {
    for (const { property, text, value } of textsIn(data, (_, term) => only(term, ["URL"]))) {
      const plain = text.trim();
      const resolved = /[\s<>]/.test(plain) ? null : addressOn(page, plain);
      const host = resolved && /^https?:/.test(resolved) ? new URL(resolved).hostname : "";
      if (plain !== "" && resolved !== null && (host === "" || host.includes(".") || host === "localhost")) continue;
      yield { message: `${quote(property.written)} is no address: ${quote(text, 60)}.`, at: placeOf(data, value.said) };
    }
  },
});
