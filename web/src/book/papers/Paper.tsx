import type { DrawnPaper, RowShown, SheetShown } from '@gleddo/core';
import styles from './paper.module.css';

/** A row of a paper, and how it is ticked. */
export interface Ticking {
  isTicked(row: number): boolean;
  /** Null: nothing is ticked here. */
  readonly onTick: ((row: number) => void) | null;
}

interface PaperProps {
  readonly sheet: SheetShown;
  readonly company: string;
  /** The address under which pictures are. */
  readonly pictures: string;
  readonly ticking: Ticking;
}

/** A paper to copy from, as whoever wrote it would have it. */
export function Paper(props: PaperProps) {
  const { sheet, company, pictures } = props;
  if (sheet.picture !== null)
    return (
      <img className={styles['picture']} src={`${pictures}/${sheet.picture}`} alt={sheet.title} />
    );
  if (sheet.rows.some(({ paper }) => paper !== undefined)) return <Slips {...props} />;
  return (
    <div className={styles['paper']}>
      <h3>{company}</h3>
      <p className="quiet">{sheet.note || sheet.title}</p>
      <Rows {...props} />
      <HowTicked sheet={sheet} />
    </div>
  );
}

const HowTicked = ({ sheet }: { sheet: SheetShown }) =>
  sheet.rows.some(({ stands }) => stands !== null) && (
    <p className="quiet">A row ticks itself when it stands in the books. Space ticks it by hand.</p>
  );

type ListedProps = Omit<PaperProps, 'company' | 'pictures'>;

function Rows({ sheet, ticking }: ListedProps) {
  return (
    <table className={styles['rows']}>
      <thead className="sr-only">
        <tr>
          <th>In the books</th>
          {sheet.columns.map(({ title }) => (
            <th key={title}>{title}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {sheet.rows.map((row, i) => (
          <tr key={i} className={isCopied(row, i, ticking) ? styles['copied'] : ''}>
            <td>
              <Tick {...{ row, ticking }} at={i} name={row.cells.slice(0, 2).join(' ')} />
            </td>
            {sheet.columns.map(({ title, isAmount }, at) => (
              <td key={title} className={isAmount ? styles['amount'] : ''}>
                {row.cells[at] ?? ''}
                {at === 0 && row.says && <span className={styles['says']}>{row.says}</span>}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const isCopied = (row: RowShown, at: number, { isTicked }: Ticking): boolean =>
  row.stands === true || isTicked(at);

interface TickProps {
  readonly row: RowShown;
  readonly at: number;
  readonly name: string;
  readonly ticking: Ticking;
}

function Tick({ row, at, name, ticking }: TickProps) {
  const stands = row.stands === true;
  return (
    <input
      type="checkbox"
      aria-label={`${name}, row ${at + 1}`}
      checked={isCopied(row, at, ticking)}
      disabled={ticking.onTick === null}
      title={stands ? 'It stands in the books.' : ''}
      onChange={() => {
        if (!stands) ticking.onTick?.(at);
      }}
    />
  );
}

/** Papers one under the other: invoices, delivery notes, payments. */
function Slips({ sheet, ticking }: ListedProps) {
  return (
    <div className={styles['slips']}>
      {sheet.rows.map(
        (row, i) =>
          row.paper && (
            <article
              key={i}
              className={`${styles['paper']} ${isCopied(row, i, ticking) ? styles['copied'] : ''}`}
            >
              <label className={styles['done']}>
                <Tick
                  {...{ row, ticking }}
                  at={i}
                  name={`${row.paper.name} ${row.paper.number || row.paper.day}`}
                />{' '}
                {row.stands === true ? 'in the books' : 'not yet'}
              </label>
              <SlipOfPaper paper={row.paper} />
            </article>
          ),
      )}
      <HowTicked sheet={sheet} />
    </div>
  );
}

function SlipOfPaper({ paper }: { paper: DrawnPaper }) {
  const { name, by, to, number, day, lines, total, foot } = paper;
  return (
    <>
      <h3>{by}</h3>
      <p className={styles['head']}>
        <strong>
          {name} {number}
        </strong>
        <span>{day}</span>
      </p>
      {to !== '' && <p>To {to}</p>}
      {lines.length > 0 && <LinesOfPaper lines={lines} />}
      {total !== '' && (
        <p className={styles['total']}>
          <span>{lines.length > 0 ? 'Total' : 'Amount'}</span>
          <span>{total}</span>
        </p>
      )}
      {foot.map((line) => (
        <p key={line} className="quiet">
          {line}
        </p>
      ))}
    </>
  );
}

const LinesOfPaper = ({ lines }: Pick<DrawnPaper, 'lines'>) => (
  <table>
    <tbody>
      {lines.map(({ text, quantity, price, amount }, i) => (
        <tr key={i}>
          <td>
            {text}{' '}
            <span className="quiet">
              {quantity}
              {price !== '' && ` at ${price}`}
            </span>
          </td>
          <td className={styles['amount']}>{amount}</td>
        </tr>
      ))}
    </tbody>
  </table>
);
