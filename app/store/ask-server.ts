/** Milliseconds until something is asked again that the server has put off, where it does not say. */
const PAUSE = 2_000;

/**
 * Asks this application's own server for something, as its own pages do: a POST of JSON. While it has its hands full this one
 * waits its turn. Rejects where the server does not answer, or `signal` is aborted.
 */
export async function askServer(path: string, asked: object, signal?: AbortSignal): Promise<Response> {
  for (;;) {
    const answer = await fetch(path, {
      method: "POST",
      body: JSON.stringify(asked),
      headers: { "content-type": "application/json" },
      ...(signal && { signal }),
    });
    if (answer.status !== 503) return answer;
    const pause = Number(answer.headers.get("retry-after")) * 1000 || PAUSE;
    await new Promise((resolve) => setTimeout(resolve, pause));
  }
}
