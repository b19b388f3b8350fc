import { accountOf, type Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { isMade } from '../../accounting/document/document-entries.js';
import { KIND_FACTS } from '../../accounting/document/document-kinds.js';
import { worthOfDocument } from '../../accounting/document/document-lines.js';
import { inOrder } from '../../accounting/document/stock.js';
import { balancesOf, upTo } from '../../accounting/ledger/balances.js';
import { type Amount } from '../../model/money/amount.js';
import { allWhole, formatAmount } from '../../model/money/format-amount.js';
import { typeOf } from '../../model/scheme/scheme.js';
import type { AskedKind } from './asked.js';
import { bankStatement, moneyAccountOf } from './bank-statement.js';
import { drawnPaper, type DrawnPaper } from './drawn-papers.js';
import type { Guide, SheetKind, SourceSheet } from '../../model/exercise-shapes/guide.js';
import { collatorOf, saidOn, writingOf } from '../../model/place/writing.js';

/** A row of a paper beside the work. `about`: what of the key it is copied for; null: nothing that could be told. */
interface SheetRow {
  readonly cells: readonly string[];
  readonly about: { readonly kind: AskedKind; readonly id: string } | null;
  /** The paper that a row stands for, as it would be written. */
  readonly paper?: DrawnPaper;
}

export interface SheetColumns {
  readonly title: string;
  /** Whether its cells are amounts. */
  readonly isAmount: boolean;
}

/** A paper beside the work, drawn from a key. */
export interface DrawnSheet {
  readonly id: string;
  readonly title: string;
  readonly kind: SheetKind;
  /** Who wrote it, and when. */
  readonly note: string;
  readonly columns: readonly SheetColumns[];
  readonly rows: readonly SheetRow[];
  /** Under which name a picture is kept, or the picture itself; null: there is none. */
  readonly picture: string | null;
}

const words = (title: string): SheetColumns => ({ title, isAmount: false });
const amounts = (title: string): SheetColumns => ({ title, isAmount: true });

interface Drawn {
  readonly columns: readonly SheetColumns[];
  readonly note: string;
  readonly rows: readonly SheetRow[];
}

interface Drawing {
  readonly key: Book;
  readonly guide: Guide;
  readonly sheet: SourceSheet;
  readonly money: (amount: Amount) => string;
  readonly lastDay: string;
}

/** What of a kind a sheet shows: what its step asks for, else everything. */
function shownIds({ guide, sheet }: Drawing, kind: AskedKind, all: readonly string[]): string[] {
  const step = (guide.steps ?? []).find(({ id }) => id === sheet.step);
  const asked = step?.[kind];
  return asked && asked.length > 0 ? all.filter((id) => asked.includes(id)) : [...all];
}

function accounts(drawing: Drawing): Drawn {
  const { key } = drawing;
  const { compare } = collatorOf(key.company);
  const inUse = key.accounts.filter(({ retired }) => !retired).map(({ id }) => id);
  const rows = shownIds(drawing, 'accounts', inUse)
    .map((id) => ({
      cells: [accountOf(key, id)?.name ?? id],
      about: { kind: 'accounts' as const, id },
    }))
    .sort((a, b) => compare(a.cells[0] ?? '', b.cells[0] ?? ''));
  return { note: 'Accounts to set up', columns: [words('Account')], rows };
}

/** Amounts as an old balance sheet has them: what lowers an asset in brackets. */
function balances(drawing: Drawing): Drawn {
  const { key, money } = drawing;
  const opened = key.accounts.map(({ id }) => id).filter((id) => key.opening.balances[id]);
  const rows = shownIds(drawing, 'openings', opened).map((id) => {
    const amount = key.opening.balances[id] ?? 0;
    const account = accountOf(key, id);
    const isContra = typeOf(key.scheme, account?.type ?? null)?.contra === true;
    const shown = money(Math.abs(amount));
    return {
      cells: [account?.name ?? id, isContra ? `(${shown})` : shown],
      about: { kind: 'openings' as const, id },
    };
  });
  const note = `Balance sheet, ${saidOn(key, key.opening.date)}`;
  return { note, columns: [words('Account'), amounts('Amount')], rows };
}

function trialBalance({ key, sheet, money, lastDay }: Drawing): Drawn {
  const at = sheet.at ?? lastDay;
  const stands = balancesOf(key, upTo(at));
  const rows = key.accounts
    .filter(({ id }) => (stands.get(id) ?? 0) !== 0)
    .map(({ id, name }) => {
      const amount = stands.get(id) ?? 0;
      const side = money(Math.abs(amount));
      return { cells: amount > 0 ? [name, side, ''] : [name, '', side], about: null };
    });
  const columns = [words('Account'), amounts('Debit'), amounts('Credit')];
  return { note: `Trial balance, ${saidOn(key, at)}`, columns, rows };
}

function happenings(drawing: Drawing): Drawn {
  const { key, money } = drawing;
  const own = key.entries.filter((entry) => !isMade(entry) && entry.kind !== 'opening');
  const shown = new Set(
    shownIds(
      drawing,
      'entries',
      own.map(({ id }) => id),
    ),
  );
  const rows = own
    .filter(({ id }) => shown.has(id))
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
    .map(({ id, date, text, reference, lines }) => ({
      cells: [
        saidOn(key, date),
        text || reference,
        money(lines.reduce((sum, { amount }) => sum + Math.max(0, amount), 0)),
      ],
      about: { kind: 'entries' as const, id },
    }));
  const columns = [words('Day'), words('What happened'), amounts('Amount')];
  return { note: 'What happened', columns, rows };
}

function papers(drawing: Drawing): Drawn {
  const { key, money } = drawing;
  const subledgers = subledgersOf(key);
  const { documents: all, parties } = subledgers;
  const documents = inOrder(all);
  const shown = new Set(
    shownIds(
      drawing,
      'documents',
      documents.map(({ id }) => id),
    ),
  );
  const rows = documents
    .filter(({ id }) => shown.has(id))
    .map((document) => ({
      cells: [
        saidOn(key, document.date),
        KIND_FACTS[document.kind].name,
        parties.find(({ id }) => id === document.party)?.name ?? '',
        document.text || document.reference,
        money(worthOfDocument(document, subledgers)),
      ],
      about: { kind: 'documents' as const, id: document.id },
      paper: drawnPaper(key, document, money),
    }));
  const columns = ['Day', 'Paper', 'With whom', 'For what'].map(words);
  return { note: 'Papers', columns: [...columns, amounts('Amount')], rows };
}

function table({ sheet }: Drawing): Drawn {
  const [head = [], ...rest] = sheet.rows ?? [];
  const isAmount = (at: number) =>
    rest.length > 0 && rest.every((row) => /^[\s\d.,()–-]*$/.test(row[at] ?? ''));
  const columns = head.map((title, i) => ({ title, isAmount: isAmount(i) }));
  return { note: '', columns, rows: rest.map((cells) => ({ cells, about: null })) };
}

function bank({ key, sheet, money, lastDay }: Drawing): Drawn {
  const account = moneyAccountOf(key, sheet.account);
  const to = sheet.at ?? lastDay;
  const name = accountOf(key, account ?? '')?.name ?? '';
  const columns = [words('Day'), words('What'), ...['Out', 'In', 'Balance'].map(amounts)];
  const rows = account === null ? [] : bankStatement(key, account, { to, money });
  return {
    note: `Bank statement, ${name}, to ${saidOn(key, to)}`,
    columns,
    rows: rows.map(({ cells, entry }) => ({
      cells,
      about: entry === null ? null : { kind: 'entries', id: entry },
    })),
  };
}

const picture = (): Drawn => ({ note: '', columns: [], rows: [] });

const DRAWN: Readonly<Record<SheetKind, (drawing: Drawing) => Drawn>> = {
  ...{ accounts, balances, happenings, papers, table, picture },
  'trial-balance': trialBalance,
  'bank-statement': bank,
};

/** A paper as it is drawn from a key: its amounts are the key’s at that moment. */
export function drawnSheet(
  key: Book,
  guide: Guide,
  { sheet, lastDay }: { readonly sheet: SourceSheet; readonly lastDay: string },
): DrawnSheet {
  const writing = writingOf(key.company);
  const every = [
    ...Object.values(key.opening.balances),
    ...key.entries.flatMap(({ lines }) => lines.map(({ amount }) => amount)),
  ];
  const places = allWhole(every, writing.digits) ? 0 : writing.digits;
  const money = (amount: Amount) => formatAmount(amount, writing, places);
  const { id, title, kind } = sheet;
  const drawn = { id, title, kind, picture: sheet.picture ?? null };
  return { ...drawn, ...DRAWN[kind]({ key, guide, sheet, money, lastDay }) };
}
