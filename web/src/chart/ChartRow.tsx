import { useDraggable } from '@dnd-kit/core';
import { typeOf, type Account, type Amount, type Origin, type Scheme } from '@gleddo/core';
import { memo, useState, type PointerEvent } from 'react';
import type { Money } from '../figures/money';

interface ChartRowProps {
  readonly account: Account;
  readonly depth: number;
  readonly amount: Amount;
  /** What stands under it, own amount included; null when nothing does. */
  readonly family: Amount | null;
  readonly scheme: Scheme;
  readonly money: Money;
  readonly numbered: boolean;
  readonly selected: boolean;
  readonly tabbable: boolean;
  readonly mayMove: boolean;
  /** Where it comes from; given ones are not marked. */
  readonly origin: Origin;
  readonly isFolded: boolean;
  readonly isTaken: boolean;
  onSelect(id: string): void;
  onTake(id: string): void;
}

/** What the program knows of an account beyond its place, in a word. */
export function quietMark(scheme: Scheme, account: Account): string {
  if (account.retired) return 'retired';
  const type = typeOf(scheme, account.type);
  if (type === null) return '';
  if (type.contra) return 'contra';
  const says = {
    cash: 'cash',
    'receivables-control': 'control',
    'payables-control': 'control',
    'retained-earnings': 'one only',
    suspense: 'waits here',
  } as Record<string, string>;
  return says[type.role] ?? '';
}

/** One account on its page. What is needed to drag it is set up only where the pointer is. */
export const ChartRow = memo(function ChartRow(props: ChartRowProps) {
  const [near, setNear] = useState(false);
  if (near && props.mayMove) return <DraggableRow {...props} />;
  return <RowCells {...props} onNear={() => setNear(true)} />;
});

function DraggableRow(props: ChartRowProps) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: props.account.id });
  return (
    <RowCells
      {...props}
      attach={setNodeRef}
      isDragged={isDragging}
      onPointerDown={(event) => listeners?.['onPointerDown']?.(event)}
    />
  );
}

interface RowCellsProps extends ChartRowProps {
  readonly isDragged?: boolean;
  attach?(node: HTMLElement | null): void;
  onNear?(): void;
  onPointerDown?(event: PointerEvent): void;
}

function RowCells(props: RowCellsProps) {
  const { account, depth, amount, family, scheme, money, numbered, selected, tabbable } = props;
  const { attach, onNear, onPointerDown, onSelect, origin, isFolded } = props;
  const classes = [
    'row account',
    selected || props.isTaken ? 'is-selected' : '',
    account.retired ? 'is-retired' : '',
    props.isDragged ? 'is-dragged' : '',
  ];
  return (
    <div
      ref={attach}
      role="row"
      className={classes.join(' ')}
      data-row={`a:${account.id}`}
      tabIndex={tabbable ? 0 : -1}
      aria-selected={selected || props.isTaken}
      onPointerEnter={onNear}
      onPointerDown={onPointerDown}
      onClick={(event) =>
        event.ctrlKey || event.metaKey ? props.onTake(account.id) : onSelect(account.id)
      }
    >
      {numbered && (
        <span className="no" role="gridcell">
          {account.number ?? ''}
        </span>
      )}
      <span
        className="name"
        role="gridcell"
        style={depth > 0 ? { paddingLeft: depth * 16 } : undefined}
        title={account.name}
      >
        {account.name}
        {isFolded && <span className="mark-says"> and what is under it</span>}
      </span>
      <span className="mark-says" role="gridcell">
        {[origin === 'given' ? '' : origin, quietMark(scheme, account)].filter(Boolean).join(' · ')}
      </span>
      <Figure {...{ amount, family, money, isFolded }} />
    </div>
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
