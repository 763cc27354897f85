import { ANSWER_HEADER, type FetchAnswer, type Wanted } from "#core/address/fetch-answer";
import { askServer } from "../store/ask-server";

export interface Brought {
  answer: FetchAnswer;
  bytes: Uint8Array;
}

/** Asks this application's own server for an address; where it does not answer, that is the fault named. */
export async function fetchFromServer(address: string, wanted: Wanted, signal: AbortSignal): Promise<Brought> {
  const gone: Brought = { answer: { ok: false, fault: "server-gone", address, way: [] }, bytes: new Uint8Array() };
  try {
    const response = await askServer("/fetch", { address, wanted }, signal);
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
