/** Something the caller can put right; printed without a stack, exit code 2. */
export class CommandFault extends Error {}

/** A sentence for whoever runs the command, beside what it prints. */
export const tell = (sentence: string): void => {
  process.stderr.write(`${sentence}\n`);
};

/** Why something of the file system cannot be used, in words. */
export function whyNot(error: unknown): string {
  const { code = "", message } = error as NodeJS.ErrnoException;
  const known: Record<string, string> = {
    ENOENT: "does not exist",
    EACCES: "may not be opened: its permissions do not allow it",
    EPERM: "may not be opened: its permissions do not allow it",
    EISDIR: "is a folder",
    ENOTDIR: "lies below something that is no folder",
    ELOOP: "is a link that leads back to itself",
    ENAMETOOLONG: "has a name that is too long",
    ENOSPC: "could not be written: the disk is full",
    EDQUOT: "could not be written: the disk is full",
    EROFS: "could not be written: the disk takes no changes",
    EMFILE: "could not be opened: too many files are open",
  };
  return known[code] ?? `could not be used (${code || message})`;
}
