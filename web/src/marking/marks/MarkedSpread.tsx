import {
  profitLineName,
  resultName,
  sectionById,
  statementName,
  spreadFigures,
  subtotalsShown,
  type SpreadFigures,
  type Book,
  type Period,
  type Scheme,
  type SideRow,
  type SideSection,
  type StatementId,
} from '@gleddo/core';
import type { ShownResult } from '@gleddo/contract';
import { useMemo } from 'react';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { MarginNumber } from './MarginNumber';
import { NoteNumbers } from './NoteNumbers';
import type { MarkedRows } from './marked-rows';
import styles from './marked.module.css';

export type Shown = 'both' | 'theirs' | 'key';

export interface MarkedSpreadProps {
  readonly rows: MarkedRows;
  readonly key_: Book | null;
  readonly work: Book;
  readonly period: Period;
  readonly money: Money;
  readonly shown: Shown;
  readonly onlyDiffering: boolean;
  /** The note that is pointed at; its rows stand out. */
  readonly active: number | null;
  /** Whether who looks at it has made the work. */
  readonly isOwn?: boolean;
}

/** A work's two pages, beside the key's figures or alone, faults marked on their rows. */
export function MarkedSpread(props: MarkedSpreadProps) {
  const { longDay, periodText } = useDays();
  const { key_, work, period, rows } = props;
  const theirs = useMemo(() => spreadFigures(work, period), [work, period]);
  const wanted = useMemo(() => (key_ ? spreadFigures(key_, period) : null), [key_, period]);
  const [sheet, keySheet] = [theirs.sheet.totals, wanted?.sheet.totals ?? null];
  return (
    <>
      <MarkedPage
        {...props}
        statement="balance-sheet"
        when={`as at ${longDay(period.to)}`}
        profit={{ theirs: sheet.profit, wanted: keySheet?.profit ?? null }}
      />
      <MarkedPage
        {...props}
        statement="profit-and-loss"
        when={periodText(period)}
        profit={null}
        subtotals={subtotalRows(work.scheme, theirs, wanted)}
      />
      <MarkedFoot
        {...props}
        name="Assets"
        theirs={sheet.assets}
        wanted={keySheet?.assets ?? null}
        result={totalOf(rows, 'assets', 'balance-sheet')}
        balances={sheet.assets === sheet.liabilities + sheet.equity}
      />
      <MarkedFoot
        {...props}
        className="right"
        name={resultName(work.scheme, theirs.profit.totals.profit)}
        theirs={theirs.profit.totals.profit}
        wanted={wanted?.profit.totals.profit ?? null}
        result={totalOf(rows, 'profit', 'profit-and-loss')}
      />
    </>
  );
}

/** What the checks say of a total. */
function totalOf({ margin }: MarkedRows, line: string, statement: StatementId) {
  return [...margin.met, ...margin.follows, ...margin.faults].find(
    (each) =>
      each.check === 'statement.total' &&
      each.subject.id === line &&
      each.date?.statement === statement,
  );
}

interface MarkedPageProps extends MarkedSpreadProps {
  readonly statement: StatementId;
  readonly when: string;
  readonly profit: Pair | null;
  readonly subtotals?: ReadonlyMap<string, Pair & { readonly name: string }>;
}

interface Pair {
  readonly theirs: number;
  readonly wanted: number | null;
}

/** Gross profit and the like, behind the section that each one closes. */
function subtotalRows(scheme: Scheme, theirs: SpreadFigures, wanted: SpreadFigures | null) {
  const shown = subtotalsShown((wanted ?? theirs).profit.sections);
  return new Map(
    [...shown].map(([section, line]) => [
      section,
      {
        name: profitLineName(scheme, line),
        theirs: theirs.profit.totals[line],
        wanted: wanted?.profit.totals[line] ?? null,
      },
    ]),
  );
}

const isEquity = (scheme: Scheme, section: string): boolean =>
  sectionById(scheme, section)?.class === 'equity';

function MarkedPage(props: MarkedPageProps) {
  const { rows, statement, when, shown, profit, subtotals, work, isOwn = false } = props;
  const title = statementName(work.scheme, statement);
  const sections = rows.sections.filter((section) => section.statement === statement);
  const last = sections.filter((section) => isEquity(work.scheme, section.id)).at(-1);
  return (
    <section
      className={`page bare ${statement === 'balance-sheet' ? 'left' : 'right'}`}
      aria-label={title}
      tabIndex={0}
    >
      <div className="page-head">
        <h2>{title}</h2>
        <span className="quiet">{when}</span>
      </div>
      {shown === 'both' && (
        <div className={`${styles['row']} ${styles['heads']}`} aria-hidden="true">
          <span />
          <span />
          <span />
          <span>{isOwn ? 'yours' : 'theirs'}</span>
          <span>key</span>
        </div>
      )}
      {sections.map((section) => (
        <MarkedSection
          key={section.id}
          {...props}
          section={section}
          total={
            section === last
              ? profit && { name: resultName(work.scheme, profit?.theirs ?? 0), ...profit }
              : null
          }
          subtotal={subtotals?.get(section.id) ?? null}
        />
      ))}
    </section>
  );
}

type Named = Pair & { readonly name: string };

/** The profit, or a subtotal: theirs and the key's; a difference follows from others. */
function TotalRow(props: MarkedSpreadProps & Named & { readonly className?: string }) {
  const { name, theirs, wanted, className = '', shown, money, onlyDiffering } = props;
  const differs = wanted !== null && wanted !== theirs;
  if (onlyDiffering && !differs) return null;
  return (
    <div className={`${styles['row']} ${className} ${differs ? 'is-follows' : ''}`}>
      <span className="no" />
      <span className="name">{name}</span>
      <span>{differs && <MarginNumber of="follows" />}</span>
      {shown !== 'key' && <span className="figure">{money(theirs)}</span>}
      {shown !== 'theirs' && wanted !== null && (
        <span className="figure of-key">{money(wanted)}</span>
      )}
    </div>
  );
}

interface MarkedSectionProps extends MarkedSpreadProps {
  readonly section: SideSection;
  /** The profit among the equity. */
  readonly total: Named | null;
  /** Gross profit and the like, behind the section. */
  readonly subtotal: Named | null;
}

const standsIn = (row: SideRow, shown: Shown): boolean =>
  shown === 'both' || (shown === 'theirs' ? row.theirs !== null : row.wanted !== null);

function MarkedSection({ section, total, subtotal, ...props }: MarkedSectionProps) {
  const { rows, shown, onlyDiffering } = props;
  const visible = section.rows.filter(
    (row) =>
      standsIn(row, shown) &&
      (!onlyDiffering || row.theirs !== row.wanted || rows.notesOn(row).length > 0),
  );
  if (visible.length === 0 && !total && !subtotal) return null;
  return (
    <div role="group" aria-label={section.name}>
      <div className="row section-head">
        <span>{section.name}</span>
        <span />
      </div>
      {visible.map((row, i) => (
        <MarkedRow key={i} row={row} {...props} />
      ))}
      {total && <TotalRow {...props} {...total} />}
      {subtotal && <TotalRow {...props} {...subtotal} className="subtotal" />}
    </div>
  );
}

const WORDS: Readonly<Record<SideRow['kind'], string>> = {
  together: '',
  'wrong-place': 'belongs elsewhere',
  'belongs-here': 'belongs here',
  extra: 'not in the key',
};

type MarkedRowProps = MarkedSpreadProps & { readonly row: SideRow };

function toneOf({ row, rows, key_ }: MarkedRowProps): string {
  if (row.kind === 'belongs-here') return 'is-wanted';
  if (rows.isFaulty(row) || row.kind === 'extra') return 'is-faulty';
  return key_ && row.theirs !== row.wanted ? 'is-follows' : '';
}

function MarkedRow(props: MarkedRowProps) {
  const { row, rows, shown, money, active, key_ } = props;
  const notes = rows.notesOn(row);
  const account =
    (row.kind === 'belongs-here' || shown === 'key' ? row.keys[0] : row.works[0]) ?? row.keys[0];
  const isActive = active !== null && notes.includes(active);
  return (
    <div className={`${styles['row']} ${toneOf(props)} ${isActive ? 'is-active' : ''}`}>
      <span className="no">{account?.number ?? ''}</span>
      <span className="name" title={WORDS[row.kind]}>
        {account?.name}
        {row.kind !== 'together' && <span className="sr-only">, {WORDS[row.kind]}</span>}
      </span>
      <span className={styles['numbers']}>
        <NoteNumbers of={notes} />
      </span>
      {shown !== 'key' && (
        <span className="figure">{row.theirs === null ? '—' : money(row.theirs)}</span>
      )}
      {shown !== 'theirs' && key_ && (
        <span className="figure of-key">{row.wanted === null ? '—' : money(row.wanted)}</span>
      )}
    </div>
  );
}

interface MarkedFootProps extends MarkedSpreadProps {
  readonly className?: string;
  readonly name: string;
  readonly theirs: number;
  readonly wanted: number | null;
  readonly result: ShownResult | undefined;
  readonly balances?: boolean;
}

const signed = (money: Money, amount: number): string =>
  `${amount < 0 ? '−' : '+'}${money(Math.abs(amount))}`;

const OF_NOTHING: Readonly<Record<string, string>> = { met: 'what is accepted' };

/** The parts of a difference, each with the number of its note. */
function partsOf(rows: MarkedRows, result: ShownResult | undefined, money: Money): string[] {
  const sums = new Map<number | null, number>();
  for (const cause of result?.causes ?? []) {
    const n = rows.margin.numberOfCause(cause);
    sums.set(n, (sums.get(n) ?? 0) + cause.share);
  }
  const unmarked = OF_NOTHING[result?.outcome ?? ''] ?? 'what has no note';
  const parts = [...sums]
    .filter(([, share]) => share !== 0)
    .sort(([a], [b]) => (a ?? Infinity) - (b ?? Infinity))
    .map(([n, share]) => ({ name: n === null ? unmarked : `note ${n}`, share }));
  return named(parts).map(({ name, share }) => `${name} (${signed(money, share)})`);
}

interface Part {
  readonly name: string;
  readonly share: number;
}

/** So many parts of a difference are named: the largest; the others are one sum. */
const MOST_NAMED = 6;

function named(parts: readonly Part[]): readonly Part[] {
  if (parts.length <= MOST_NAMED) return parts;
  const bySize = [...parts].sort((a, b) => Math.abs(b.share) - Math.abs(a.share));
  const largest = new Set(bySize.slice(0, MOST_NAMED - 1));
  const others = parts.filter((part) => !largest.has(part));
  const share = others.reduce((sum, part) => sum + part.share, 0);
  return [...parts.filter((part) => largest.has(part)), { name: `${others.length} others`, share }];
}

/** What the difference is made of, in the numbers of the notes. */
function MarkedFoot(props: MarkedFootProps) {
  const { className = '', name, theirs, wanted, result, money, rows, balances } = props;
  const difference = wanted === null ? 0 : theirs - wanted;
  const parts = partsOf(rows, result, money);
  return (
    <div className={`foot-cell ${styles['foot']} ${className}`}>
      <div>
        {name} <strong>{money(theirs)}</strong>
        {wanted !== null && <span className="quiet"> · key {money(wanted)}</span>}
        {balances && <span className="is-met"> ✓ in balance</span>}
      </div>
      {difference !== 0 && (
        <div className="is-notice">
          {signed(money, difference)} {parts.length > 0 && `= ${parts.join(' + ')}`}
        </div>
      )}
    </div>
  );
}
