import { commonPractice } from "../rule.ts";
import { quote } from "../texts.ts";
import { dataRule, placeOf, textsIn } from "./data-rule.ts";

/** An address of e-mail (HTML 4.10.5.1.5, which is stricter than RFC 5322 where nobody writes otherwise), or of several. */
const EMAIL =
  /^(?:mailto:)?[\p{L}\p{N}.!#$%&'*+/=?^_`{|}~-]+@[\p{L}\p{N}](?:[\p{L}\p{N}-]*[\p{L}\p{N}])?(?:\.[\p{L}\p{N}](?:[\p{L}\p{N}-]*[\p{L}\p{N}])?)+(?:\?.*)?$/u;
/** Digits with what people put between them, letters for digits as in 1-800-FLOWERS, and an extension. */
const TELEPHONE = /^(?:tel:)?[+(]?[\d(][\d\s().\-–/]{3,}[A-Z\d]*(?:\s*(?:;?ext\.?=?|x|#|Durchwahl|poste)\s*\d+)?$/i;

const isTelephone = (text: string) => TELEPHONE.test(text.trim()) && text.replace(/[^\dA-Z]/gi, "").length >= 5;

export const dataContactFormat = dataRule({
  id: "data/contact-format",
  weight: "should",
  finds: "an e-mail address or telephone number of no known form",
  counted: [
    "# page has structured data with an e-mail address or telephone number of no known form",
    "# pages have structured data with an e-mail address or telephone number of no known form",
  ],
  why: "A telephone cannot dial it, and a mail does not arrive. A number with its country, such as +44 1632 960001, can be dialled from everywhere.",
  source: commonPractice("RFC 5322 and ITU-T E.123 have the forms"),
  check(data, report) {
    const contacts = textsIn(data, ({ name }) => name === "email" || name === "telephone" || name === "faxNumber");
    for (const { property, text, value } of contacts) {
      const email = property.name === "email";
      if (text.trim() === "" || (email ? EMAIL.test(text.trim()) : isTelephone(text))) continue;
      report({
        message: `${quote(property.written)} is no ${email ? "address of e-mail" : "telephone number"}: ${quote(text, 40)}.`,
        at: placeOf(data, value.place),
      });
    }
  },
});
