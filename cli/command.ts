/** What a command is. Each is bundled by itself, with this between them. */

/** That of package.json, which is not read at every start; a test holds them together. */
export const VERSION = '0.2.0';

export interface Command {
  readonly usage: string;
  /** Runs with the words behind the command's name; the exit status. */
  readonly run: (words: string[]) => Promise<number>;
}

/** The command cannot do its work: told on standard error, exit status 2. */
export class CannotRun extends Error {}
