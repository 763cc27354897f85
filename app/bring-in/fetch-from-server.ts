import { ANSWER_HEADER, type FetchAnswer, type Wanted } from "#core/address/fetch-answer";

export interface Brought {
  answer: FetchAnswer;
  bytes: Uint8Array;
}

/** Asks this application's own server for an address; where it does not answer, that is the fault named. */
export async function fetchFromServer(address: string, wanted: Wanted, signal: AbortSignal): Promise<Brought> {
  const gone: Brought = { answer: { ok: false, fault: "server-gone", address, way: [] }, bytes: new Uint8Array() };
  try {
    const response = await fetch("/fetch", {
      method: "POST",
      body: JSON.stringify({ address, wanted }),
      headers: { "content-type": "application/json" },
      signal,
    });
    if (response.status === 503) {
      // The server has its hands full: this one waits its turn.
      await new Promise((resolve) => setTimeout(resolve, Number(response.headers.get("retry-after") ?? 2) * 1000));
      return fetchFromServer(address, wanted, signal);
    }
    const said = response.headers.get(ANSWER_HEADER);
    if (!response.ok || said === null) return gone;
    return {
      answer: JSON.parse(decodeURIComponent(said)) as FetchAnswer,
      bytes: new Uint8Array(await response.arrayBuffer()),
    };
  } catch (error) {
    if (signal.aborted) throw error;
    return gone;
  }
}
