import { toldOf, type Validity, type ValidityAnswer } from "#core/exchange/validity";

export const SERVER_GONE =
  "HTML is checked on this application's own server, which does not answer. All else goes on without it.";

/** Has a source checked by this application's own server; what cannot be done is said in words. */
export async function checkValidity(source: string): Promise<Validity[] | { reason: string; gone?: true }> {
  let answer: ValidityAnswer;
  try {
    const response = await fetch("/validate", {
      method: "POST",
      body: JSON.stringify({ source }),
      headers: { "content-type": "application/json" },
    });
    if (response.status === 503) {
      await new Promise((resolve) => setTimeout(resolve, Number(response.headers.get("retry-after") ?? 2) * 1000));
      return checkValidity(source);
    }
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
