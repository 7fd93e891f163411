import { endTidily, wasInterrupted } from './interrupt';

/** One plain line for the person at the terminal. */
export function say(line: string): void {
  process.stderr.write(`${line}\n`);
}

/** A failure with words a person can act on; the stack behind it is of no use to them. */
export class Plain extends Error {}

/** A terminal's interrupt ends this command's children as well: that one of them failed may be heard of first, ms. */
const HEARD_WITHIN = 200;

/**
 * Runs a command's main function; a plain failure is said in one line, anything else with its stack. An interrupt
 * undoes what was begun.
 */
export async function run(main: () => Promise<number | undefined>): Promise<void> {
  endTidily();
  try {
    process.exitCode = (await main()) ?? 0;
  } catch (error) {
    if (!wasInterrupted()) await new Promise((resolve) => setTimeout(resolve, HEARD_WITHIN));
    // What failed because it was interrupted is no failure to report; the tidying up ends the process.
    if (wasInterrupted()) return new Promise(() => {});
    say(error instanceof Plain ? `bavrin: ${error.message}` : `bavrin: ${(error as Error).stack ?? error}`);
    process.exitCode = 1;
  }
}
