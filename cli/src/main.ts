import { checkCommand } from './check-command.js';
import type { Command, Output } from './command.js';
import { convertCommand } from './convert-command.js';
import { figuresCommand } from './figures-command.js';
import { proposeCommand } from './propose-command.js';
import { solvableCommand } from './solvable-command.js';
import { healthCommand } from './health-command.js';
import { InputFaults, WrongUsage } from './faults.js';
import { statementsCommand } from './statements-command.js';

const COMMANDS: Readonly<Record<string, Command>> = {
  statements: statementsCommand,
  check: checkCommand,
  health: healthCommand,
  figures: figuresCommand,
  propose: proposeCommand,
  solvable: solvableCommand,
  convert: convertCommand,
};

export const USAGE = `gleddo: statements, checks and conversions of books, without a server

  gleddo statements BOOK [--at DATE] [--from DATE] [--level account|parent|section] [--json]
  gleddo check KEY WORK... [--start BOOK] [--seed N] [--as-read] [--json] [--csv FILE]
  gleddo health BOOK... [--json]
  gleddo figures EXERCISE --seed N [OUT]
  gleddo figures EXERCISE --try COUNT
  gleddo figures EXERCISE --sets COUNT [--json]
  gleddo propose TEXT [--book BOOK] [--json]
  gleddo solvable EXERCISE [--seeds N] [--json]
  gleddo convert IN OUT
  gleddo backup FILE
  gleddo restore FILE
  gleddo move --to ADDRESS
  gleddo password LOGIN

BOOK, KEY: a .book.json or .key.json file. WORK: a book file, a table of accounts and balances
(.csv, .tsv, .txt, .xlsx, .ods), or a folder of them; what a table can't say is not judged. Without a start the
empty book is it: an empty work earns nothing. --seed N: one student's own figures, where an exercise draws
them; --try: whether the first COUNT seeds hold. IN, OUT: by their endings. Exit status: 0 done, 1 faults in the input,
2 wrong usage, 3 a table was not read whole and needs a look, unless --as-read says that somebody looked; or something of an exercise is untold. backup, restore, move, password: of the database that DATABASE_URL or GLEDDO_DATA names, also while a
server has it; ADDRESS is postgres://… or a folder.
`;

/** Runs one command line; answers the exit status: 0 done, 1 faults in the input, 2 wrong usage, 3 needs a look. */
export async function main(args: readonly string[], out: Output, err: Output): Promise<number> {
  const [name = '', ...rest] = args;
  if (['--help', '-h', 'help'].includes(name)) {
    out.write(USAGE);
    return 0;
  }
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  try {
    if (!command) throw new WrongUsage(name ? `there is no command “${name}”` : 'name a command');
    return await command(rest, out, err);
  } catch (error) {
    if (error instanceof WrongUsage) {
      err.write(`gleddo: ${error.message}\n\n${USAGE}`);
      return 2;
    }
    if (!(error instanceof InputFaults)) throw error;
    for (const line of error.lines) err.write(`${line}\n`);
    return 1;
  }
}
