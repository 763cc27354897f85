import { Worker } from "node:worker_threads";
import type { ValidityAnswer, ValidityMessage } from "#core/exchange/validity";

/** Time that one page may take, in milliseconds: some inputs would take minutes. */
export const MAX_MS = 10_000;
export const MAX_BYTES = 5 * 1024 * 1024;

/** The worker's own code, since what runs the server bundles its modules. */
const WORKER = `
const { parentPort, workerData } = require("node:worker_threads");
import("html-validate").then(async ({ HtmlValidate, StaticConfigLoader }) => {
  const loader = new StaticConfigLoader({ root: true, extends: ["html-validate:standard"] });
  const validator = new HtmlValidate(loader);
  const report = await validator.validateString(workerData.source, "page.html");
  const messages = report.results.flatMap((result) => result.messages).map((one) => ({
    rule: one.ruleId, message: one.message, severity: one.severity === 2 ? "error" : "warning",
    line: one.line, column: one.column, size: one.size, documentation: one.ruleUrl ?? null,
  }));
  parentPort.postMessage(messages);
}).catch((error) => { throw error; });
`;

/**
 * Checks a source against the HTML standard with html-validate, in a thread that is ended after `MAX_MS`. The source is
 * kept nowhere.
 */
export function validateHtml(source: string, limit = MAX_MS): Promise<ValidityAnswer> {
  return new Promise((resolve) => {
    const worker = new Worker(WORKER, { eval: true, workerData: { source } });
    const end = (answer: ValidityAnswer) => {
      clearTimeout(timer);
      void worker.terminate();
      resolve(answer);
    };
    const timer = setTimeout(
      () =>
        end({
          ok: false,
          reason: `The check took longer than ${limit / 1000} seconds and was ended. Check a smaller part of the page.`,
        }),
      limit,
    );
    worker.once("message", (messages: ValidityMessage[]) => end({ ok: true, messages }));
    worker.once("error", (error) => end({ ok: false, reason: `The check could not be made: ${error.message}` }));
  });
}
