import type { ValidityAnswer, ValidityMessage } from "#core/exchange/validity";
import type { Weight } from "#core/rules/setting";

/** What breaks the parsing of a page or names two things alike weighs most; the rest of the standard next; style least. */
const MUST = new Set([
  "close-order",
  "close-attr",
  "no-dup-attr",
  "no-dup-id",
  "parser-error",
  "unrecognized-char-ref",
  "element-permitted-content",
  "element-permitted-parent",
  "element-required-attributes",
  "void-content",
]);

export interface Validity extends ValidityMessage {
  weight: Weight;
}

/** Has a source checked by this application's own server; what cannot be done is said in words. */
export async function checkValidity(source: string): Promise<Validity[] | { reason: string }> {
  let answer: ValidityAnswer;
  try {
    const response = await fetch("/validate", {
      method: "POST",
      body: source,
      headers: { "content-type": "text/plain" },
    });
    if (!response.ok)
      return { reason: "The application's own server would not check the page. Reload this tab and try again." };
    answer = (await response.json()) as ValidityAnswer;
  } catch {
    return {
      reason: "HTML is checked on this application's own server, which does not answer. All else goes on without it.",
    };
  }
  if (!answer.ok) return { reason: answer.reason };
  return answer.messages.map((one) => ({
    ...one,
    weight: MUST.has(one.rule) ? "must" : one.severity === "error" ? "should" : "may",
  }));
}
