import type { Entry, EntryKind } from '../../model/book/book.js';
import type { Step } from '../../model/exercise-shapes/guide.js';
import { dayText } from '../../model/day/calendar.js';
import { placeAtOf } from '../../teaching/variant/index.js';
import { CENTS } from '../sheet/ledger-sheet.js';

interface Formula {
  readonly at: string;
  readonly says: string;
}

/** What the rows of a sheet tell: entries, those that stand already among them, steps, and formulas of amounts. */
export interface ToldRows {
  readonly entries: readonly Entry[];
  readonly given: ReadonlySet<string>;
  readonly steps: readonly Step[];
  readonly formulas: readonly Formula[];
}

const GIVEN = 'given';

/** What a sentence shows of its entry, and of what accounts opened at. */
const withFigures = (words: string, entry: string): string =>
  words
    .replace(/\{opening ([a-z][a-z0-9-]*)\}/g, '{= opening("$1") }')
    .replace(/\{([a-z][a-z0-9-]*)\}/g, `{= amount("${entry}", "$1") }`);

class Rows {
  readonly entries: Entry[] = [];
  readonly given = new Set<string>();
  readonly formulas: Formula[] = [];
  readonly steps: { title: string; kind: EntryKind; words: string[]; entries: string[] }[] = [];
  private isGiven = false;

  step(title: string, kind: string): void {
    this.isGiven = title === GIVEN;
    if (!this.isGiven)
      this.steps.push({ title, kind: (kind || 'general') as EntryKind, words: [], entries: [] });
  }

  words(text: string): void {
    this.steps.at(-1)?.words.push(withFigures(text, ''));
  }

  entry([date = '', text = '', told = '', amounts = '', own]: readonly string[]): void {
    const id = `e${this.entries.length + 1}`;
    const step = this.steps.at(-1);
    const kind = (own ?? (this.isGiven ? 'general' : step?.kind)) as EntryKind;
    const lines = amounts.split(',').map((line, i) => {
      const [account = '', said = '0'] = line.trim().split(/\s+/);
      const [amount = '0', formula] = said.split('=');
      if (formula !== undefined) this.formulas.push({ at: placeAtOf.line(id, i), says: formula });
      return { account, amount: CENTS * Number(amount) };
    });
    this.entries.push({ ...{ id, date, kind, reference: '', text }, lines });
    if (this.isGiven || !step) this.given.add(id);
    else {
      step.entries.push(id);
      step.words.push(`- ${dayText(date)}: ${withFigures(told, id)}`);
    }
  }
}

/** Reads what a sheet tells, row by row. */
export function toldRows(told: string): ToldRows {
  const rows = new Rows();
  for (const line of told
    .trim()
    .split('\n')
    .filter((each) => each.trim() !== '')) {
    const cells = line.split('|').map((cell) => cell.trim());
    if (line.startsWith('== ')) rows.step((cells[0] ?? '').slice(3), cells[1] ?? '');
    else if (line.startsWith('> ')) rows.words(line.slice(2));
    else rows.entry(cells);
  }
  const { entries, given, formulas } = rows;
  const steps = rows.steps.map(({ title, words, entries: own }, i): Step => ({
    ...{ id: `told-${i + 1}`, title, words: words.join('\n').replace(/\n(?=[^-\n])/g, '\n\n') },
    ...(own.length > 0 ? { entries: own } : {}),
  }));
  return { entries, given, steps, formulas };
}
