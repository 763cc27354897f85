/** Something the caller can put right; printed without a stack, exit code 2. */
export class CommandFault extends Error {}

/** A sentence for whoever runs the command, beside what it prints. */
export const tell = (sentence: string): void => {
  process.stderr.write(`${sentence}\n`);
};
