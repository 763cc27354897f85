/** Why what is printed reaches nobody any more; null while it does. */
let lost: Error | null = null;
let goesOn = false;

/** For a command that does more than print: its work goes on when nobody reads what it prints. */
export const goOnUnread = (): void => {
  goesOn = true;
};

/** Notes that printing has failed. True if the command goes on all the same. */
export function noteLost(error: Error): boolean {
  lost ??= error;
  return goesOn;
}

/** Why printing has failed, for when the work is done; null if it has not. */
export const outputLost = (): Error | null => lost;
