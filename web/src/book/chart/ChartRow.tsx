import { useDraggable } from '@dnd-kit/core';
import { typeOf, type Account, type Amount, type Origin, type Scheme } from '@gleddo/core';
import { memo, useEffect, useRef, useState, type RefObject } from 'react';
import type { Money } from '../../platform/figures/money';
import { GuessMark } from '../../platform/figures/GuessMark';

interface ChartRowProps {
  readonly account: Account;
  readonly depth: number;
  readonly amount: Amount;
  /** What stands under it, own amount included; null when nothing does. */
  readonly family: Amount | null;
  readonly scheme: Scheme;
  /** The year's budget in the sign of its section, while budgets are asked for. */
  readonly budget: Amount | null;
  readonly money: Money;
  readonly numbered: boolean;
  readonly selected: boolean;
  readonly tabbable: boolean;
  readonly mayMove: boolean;
  /** Where it comes from; given ones are not marked. */
  readonly origin: Origin;
  readonly isFolded: boolean;
  /** Whether its type was taken from its name, and it is asked what it is. */
  readonly isGuess: boolean;
  readonly isTaken: boolean;
  onSelect(id: string): void;
  onTake(id: string): void;
}

/** How an account stands apart, in a word. */
function stateMark(scheme: Scheme, account: Account): string {
  if (account.retired) return 'retired';
  if (account.headsOnly) return 'takes no entries';
  return typeOf(scheme, account.type)?.contra ? 'contra' : '';
}

const ROLE_SAYS: Readonly<Record<string, string>> = {
  cash: 'cash',
  'receivables-control': 'all customers',
  'payables-control': 'all suppliers',
  'retained-earnings': 'takes the profit',
  suspense: 'waits here',
};

/** What an account is for, in a word. */
const roleMark = (scheme: Scheme, account: Account): string =>
  ROLE_SAYS[typeOf(scheme, account.type)?.role ?? ''] ?? '';

/** What the program knows of an account beyond its place, in a word. */
export const quietMark = (scheme: Scheme, account: Account): string =>
  stateMark(scheme, account) || roleMark(scheme, account);

/** What begins a drag: a mouse that is pressed, a finger that rests. */
type Presses = ReturnType<typeof useDraggable>['listeners'];

interface DragReadyProps {
  readonly id: string;
  readonly rowRef: RefObject<HTMLDivElement | null>;
  readonly pressRef: RefObject<Presses>;
}

/** Makes a row draggable while the pointer is near, without drawing the row itself anew. */
function DragReady({ id, rowRef, pressRef }: DragReadyProps) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id });
  useEffect(() => setNodeRef(rowRef.current), [setNodeRef, rowRef]);
  useEffect(() => {
    pressRef.current = listeners;
  }, [listeners, pressRef]);
  useEffect(() => {
    rowRef.current?.classList.toggle('is-dragged', isDragging);
  }, [isDragging, rowRef]);
  return null;
}

/** One account on its page. What is needed to drag it is set up only where the pointer is. */
export const ChartRow = memo(function ChartRow(props: ChartRowProps) {
  const { account, selected, tabbable, mayMove, isTaken, onSelect, onTake } = props;
  const [near, setNear] = useState(false);
  const row = useRef<HTMLDivElement>(null);
  const press = useRef<Presses>(undefined);
  const beNear = () => mayMove && setNear(true);
  const classes = [
    'row account',
    selected || isTaken ? 'is-selected' : '',
    account.retired ? 'is-retired' : '',
  ];
  return (
    <div
      ref={row}
      role="row"
      className={classes.join(' ')}
      data-row={`a:${account.id}`}
      tabIndex={tabbable ? 0 : -1}
      data-arrive={tabbable ? '' : undefined}
      aria-selected={selected || isTaken}
      onPointerEnter={beNear}
      onPointerDown={beNear}
      onMouseDown={(event) => press.current?.['onMouseDown']?.(event)}
      onTouchStart={(event) => press.current?.['onTouchStart']?.(event)}
      onClick={(event) =>
        event.ctrlKey || event.metaKey ? onTake(account.id) : onSelect(account.id)
      }
    >
      <Cells {...props} />
      {near && <DragReady id={account.id} rowRef={row} pressRef={press} />}
    </div>
  );
});

function Cells(props: ChartRowProps) {
  const { account, depth, amount, family, money, numbered, isFolded, budget, isGuess } = props;
  return (
    <>
      {numbered && (
        <span className="no" role="gridcell">
          {account.number ?? ''}
        </span>
      )}
      <span
        className="name"
        role="gridcell"
        style={depth > 0 ? { paddingInlineStart: `${depth}rem` } : undefined}
        title={account.name}
      >
        {isGuess ? <span>{account.name}</span> : account.name}
        {isGuess && <GuessMark />}
        {isFolded && <span className="mark-says"> and what is under it</span>}
      </span>
      <span className="mark-says" role="gridcell">
        {budget === null ? <Marks {...props} /> : `budget ${money(budget)}`}
      </span>
      <Figure {...{ amount, family, money, isFolded }} />
    </>
  );
}

/** Where it comes from and how it stands apart; what it is for, where there is room for that. */
function Marks({ origin, scheme, account }: ChartRowProps) {
  const own = [origin === 'given' ? '' : origin, stateMark(scheme, account)].filter(Boolean);
  const role = stateMark(scheme, account) === '' ? roleMark(scheme, account) : '';
  return (
    <>
      {own.join(' · ')}
      {role !== '' && <span className="of-role">{own.length > 0 ? ` · ${role}` : role}</span>}
    </>
  );
}

type FigureProps = Pick<ChartRowProps, 'amount' | 'family' | 'money' | 'isFolded'>;

/** A mere heading shows, set apart, what stands under it; every other account its own amount. */
function Figure({ amount, family, money, isFolded }: FigureProps) {
  if (isFolded && family !== null)
    return (
      <span className="figure" role="gridcell">
        {money(family)}
      </span>
    );
  const isHeading = family !== null && amount === 0;
  return (
    <span
      className={`figure ${isHeading ? 'of-family' : ''}`}
      role="gridcell"
      title={isHeading ? 'the accounts under it together' : undefined}
    >
      {money(isHeading ? family : amount)}
    </span>
  );
}
