import { availableParallelism } from "node:os";
import { Worker } from "node:worker_threads";
import type { ValidityAnswer, ValidityMessage } from "#core/exchange/validity";

/** Time that one page may take, in milliseconds: some inputs would take minutes. */
export const MAX_MS = 10_000;
export const MAX_BYTES = 5 * 1024 * 1024;

/** Pages that are checked at one time, each on a thread, where there are more of them a processor stays for answering. Two are kept. */
export const THREADS = Math.max(2, Math.min(4, availableParallelism() - 1));
const KEPT = 2;
/** What a thread may take up, so that all of them together leave the server its own. */
const THREAD_MEMORY = { maxOldGenerationSizeMb: 96, maxYoungGenerationSizeMb: 16 };
/** The thread's own code, since what runs the server bundles its modules. */
const THREAD = `
const { parentPort } = require("node:worker_threads");
// Checking gives way to answering: this thread alone is made nicer, where the system knows threads by number.
try {
  const thread = Number(require("node:fs").readlinkSync("/proc/thread-self").split("/").at(-1));
  require("node:os").setPriority(thread, 10);
} catch {}
const ready = import("html-validate").then(({ HtmlValidate, StaticConfigLoader }) =>
  new HtmlValidate(new StaticConfigLoader({ root: true, extends: ["html-validate:standard"] })));
const parser = import("parse5");
// Errors of the standard's own parser that the validator does not report, or stops at.
const parseErrors = async (source) => {
  const errors = [];
  (await parser).parse(source, {
    sourceCodeLocationInfo: true,
    onParseError: ({ code, startLine, startCol }) => {
      if (errors.length < 1000) errors.push({ rule: code, message: code.replaceAll("-", " "), severity: "error",
        line: startLine, column: startCol, size: 1, documentation: "https://html.spec.whatwg.org/multipage/parsing.html#parse-errors" });
    },
  });
  return errors;
};
parentPort.on("message", async (source) => {
  const report = await (await ready).validateString(source, "page.html");
  parentPort.postMessage((await parseErrors(source)).concat(report.results.flatMap((result) => result.messages).map((one) => ({
    rule: one.ruleId, message: one.message, severity: one.severity === 2 ? "error" : "warning",
    line: one.line, column: one.column, size: one.size, documentation: one.ruleUrl ?? null,
  }))));
});
`;

const idle: Worker[] = [];

/**
 * Checks a source against the HTML standard with html-validate, in a thread that is ended where a page takes longer than
 * `limit` milliseconds. The source is kept nowhere.
 */
export function validateHtml(source: string, limit = MAX_MS): Promise<ValidityAnswer> {
  return new Promise((resolve) => {
    const thread = idle.pop() ?? new Worker(THREAD, { eval: true, resourceLimits: THREAD_MEMORY });
    thread.ref();
    const answer = (said: ValidityAnswer, keep: boolean) => {
      clearTimeout(timer);
      thread.off("message", found).off("error", failed);
      if (keep && idle.length < KEPT) {
        // An idle thread does not keep the server from ending.
        thread.unref();
        idle.push(thread);
      } else void thread.terminate();
      resolve(said);
    };
    const found = (messages: ValidityMessage[]) => answer({ ok: true, messages }, true);
    const failed = (error: Error) =>
      answer(
        {
          ok: false,
          reason: /memory/i.test(error.message)
            ? "The page is too much for the check. Check a smaller part of it."
            : `The check could not be made: ${error.message}`,
        },
        false,
      );
    const timer = setTimeout(() => {
      const seconds = limit / 1000;
      const reason = `The check took longer than ${seconds} seconds and was ended. Check a smaller part of the page.`;
      answer({ ok: false, reason }, false);
    }, limit);
    thread.on("message", found).on("error", failed);
    thread.postMessage(source);
  });
}
