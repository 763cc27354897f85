import { toldOf, type Validity, type ValidityAnswer } from "#core/exchange/validity";
import { askServer } from "./ask-server";

export const SERVER_GONE =
  "HTML is checked on this application's own server, which does not answer. All else goes on without it.";

/** Has a source checked by this application's own server; what cannot be done is said in words. */
export async function checkValidity(source: string): Promise<Validity[] | { reason: string; gone?: true }> {
  let answer: ValidityAnswer;
  try {
    const response = await askServer("/validate", { source });
    if (response.status === 413)
      return { reason: "The page is larger than 5 MB. Check what was handed over with a tool of your own." };
    if (!response.ok)
      return { reason: "The application's own server would not check the page. Reload this tab and try again." };
    answer = (await response.json()) as ValidityAnswer;
  } catch {
    return { gone: true, reason: SERVER_GONE };
  }
  if (!answer.ok) return { reason: answer.reason };
  return toldOf(answer.messages);
}
