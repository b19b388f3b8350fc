import {
  cashFlow,
  accountOf,
  FLOW_PARTS,
  flowBeginning,
  flowLineName,
  type Book,
  type CashFlow,
  type FlowLine,
} from '@gleddo/core';
import { Segmented } from 'antd';
import { Link, useLocation } from 'react-router';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { pathBeside } from '../../platform/shell/path-beside';
import { LeadingFigure } from './LeadingFigure';
import type { Choice } from './use-choice';

const METHODS: { value: Choice['method']; label: string }[] = [
  { value: 'indirect', label: 'From the profit' },
  { value: 'direct', label: 'For what money came and went' },
];

interface CashFlowProps {
  readonly book: Book;
  readonly choice: Choice;
  readonly money: Money;
}

/** Where money came from and went to, by either method; what moved none is told below. */
export function CashFlowSheet({ book, choice, money }: CashFlowProps) {
  const flow = cashFlow(book, choice.period);
  const isDirect = choice.method === 'direct';
  const lines = isDirect ? flow.direct : flow.lines;
  const firstLine = FLOW_PARTS.flatMap(({ part }) => lines[part])[0];
  const start = { name: flowBeginning(book.scheme, flow), amount: flow.profit };
  return (
    <>
      <h2>Cash flow</h2>
      <FlowHead choice={choice} />
      <table className="lines-table">
        <tbody>
          {FLOW_PARTS.map(({ part, name }) => (
            <Part
              key={part}
              name={name}
              profit={part === 'operating' && !isDirect ? start : null}
              lines={lines[part]}
              nameOf={(line) => flowLineName(book, line, { part, isDirect })}
              total={flow[part]}
              {...{ money, choice }}
              first={firstLine?.account.id ?? null}
            />
          ))}
          <MoneyThere {...{ flow, money }} />
        </tbody>
      </table>
      <WithoutCash {...{ book, flow, money }} />
    </>
  );
}

const PeriodSaid = ({ period }: Pick<Choice, 'period'>) => useDays().periodText(period);

/** For when, by which method, and the way to the profit that is told by money. */
const FlowHead = ({ choice: { period, method, set } }: { choice: Choice }) => (
  <>
    <p className="quiet">
      <PeriodSaid {...{ period }} />.{' '}
      <button type="button" className="link-button" onClick={() => set({ show: 'basis' })}>
        The profit on a cash basis
      </button>
    </p>
    <Segmented
      aria-label="Method"
      size="small"
      value={method}
      options={METHODS}
      onChange={(next) => set({ method: next })}
    />
  </>
);

interface PartProps {
  readonly name: string;
  /** The result that this part begins from, with its name; null in the others. */
  readonly profit: { readonly name: string; readonly amount: number } | null;
  readonly lines: readonly FlowLine[];
  nameOf(line: FlowLine): string;
  readonly total: number;
  readonly money: Money;
  readonly choice: Choice;
  /** The account whose figure Tab comes to. */
  readonly first: string | null;
}

function Part({ name, profit, lines, nameOf, total, money, choice, first }: PartProps) {
  return (
    <>
      <tr className="group">
        <td>{name}</td>
        <td className="figure">{money(total)}</td>
      </tr>
      {profit !== null && (
        <tr>
          <td>{profit.name}</td>
          <td className="figure">{money(profit.amount)}</td>
        </tr>
      )}
      {lines.map((line) => (
        <tr key={line.account.id}>
          <td>
            {nameOf(line)}
            {line.pointedOut && <span className="mark-says"> moved otherwise than by closing</span>}
          </td>
          <td className="figure">
            <LeadingFigure
              {...{ account: line.account, choice, figure: money(line.amount) }}
              isFirst={line.account.id === first}
            />
          </td>
        </tr>
      ))}
    </>
  );
}

/** Entries, and parts of entries, that moved no money: no part of the cash flow, and worth knowing. */
function WithoutCash({
  book,
  flow,
  money,
}: Pick<CashFlowProps, 'book' | 'money'> & { flow: CashFlow }) {
  const { longDay } = useDays();
  const journal = pathBeside(useLocation().pathname, 'journal');
  if (flow.withoutCash.length === 0) return null;
  const nameOf = (id: string) => accountOf(book, id)?.name ?? id;
  return (
    <section aria-label="Without cash">
      <h3>Without cash</h3>
      <p className="quiet">These moved no money, so they stand in none of the three parts.</p>
      <table className="lines-table">
        <tbody>
          {flow.withoutCash.map(({ entry, amount }) => (
            <tr key={entry.id}>
              <td style={{ whiteSpace: 'nowrap' }}>{longDay(entry.date)}</td>
              <td>
                <Link to={`${journal}?entry=${encodeURIComponent(entry.id)}`}>
                  {entry.text || entry.reference || entry.kind}
                </Link>{' '}
                <span className="quiet">
                  {entry.lines.map(({ account }) => nameOf(account)).join(', ')}
                </span>
              </td>
              <td className="figure">{money(amount)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** The money that there was, what it moved by, and what there is. */
const MoneyThere = ({ flow, money }: Pick<CashFlowProps, 'money'> & { flow: CashFlow }) => (
  <>
    <tr className="total">
      <td>Movement of bank and cash</td>
      <td className="figure">{money(flow.movement)}</td>
    </tr>
    <tr>
      <td>Bank and cash at the beginning</td>
      <td className="figure">{money(flow.before)}</td>
    </tr>
    <tr className="total">
      <td>Bank and cash at the end</td>
      <td className="figure">{money(flow.before + flow.movement)}</td>
    </tr>
  </>
);
