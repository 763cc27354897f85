/** Something the caller can put right; printed without a stack, exit code 2. */
export class CommandFault extends Error {}
