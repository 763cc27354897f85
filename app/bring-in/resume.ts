import { db } from "../store/db";

/** Goes on with queues that were running when the tab was closed or reloaded; what runs them is loaded only for that. */
export async function resumeQueues(): Promise<void> {
  const running = (await db().queues.toArray()).filter(({ state }) => state === "running");
  if (running.length === 0) return;
  const { runQueue } = await import("./queue-runner");
  for (const { id } of running) void runQueue(id);
}
