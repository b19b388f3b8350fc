import { linesOf, sideOf, type Account } from '@gleddo/core';
import { Button } from 'antd';
import { useMemo } from 'react';
import { Link, useLocation } from 'react-router';
import { pathBeside } from '../../platform/shell/path-beside';
import { useOpenBook } from '../open-book/open-book';
import { useDays } from '../../platform/figures/written-days';
import { useMoney, type Money } from '../../platform/figures/money';
import { TableHead } from '../../platform/figures/TableHead';
import styles from './slip.module.css';

/** An account down to its entries: each posting with the balance after it. */
export function AccountLines({ account, onBack }: { account: Account; onBack(): void }) {
  const { book } = useOpenBook();
  const money = useMoney(book);
  const lines = useMemo(() => linesOf(book, account.id), [book, account.id]);
  const last = lines.at(-1)?.balance ?? 0;
  return (
    <>
      <div className={styles['head']}>
        <h3 style={{ fontSize: '1.0625rem' }}>
          {account.number} {account.name}
        </h3>
      </div>
      {lines.length === 0 ? (
        <p className="quiet">Nothing has been entered on this account yet.</p>
      ) : (
        <PostedLines lines={lines} money={money} />
      )}
      <div className="slip-actions">
        {last !== 0 && (
          <span className="quiet" style={{ alignSelf: 'center' }}>
            Stands at {money(Math.abs(last))} in {sideOf(last)}.
          </span>
        )}
        <Button className="last" onClick={onBack} autoFocus>
          Back
        </Button>
      </div>
    </>
  );
}

function PostedLines({ lines, money }: { lines: ReturnType<typeof linesOf>; money: Money }) {
  const { shortDay } = useDays();
  const { pathname } = useLocation();
  // The journal stands beside the chart and the statements, whosever book it is.
  const journal = pathBeside(pathname, 'journal');
  return (
    <table className="lines-table">
      <TableHead names={['Day', 'Entry']} figures={['Debit', 'Credit', 'Balance']} />
      <tbody>
        {lines.map(({ entry, date, amount, balance }, i) => (
          <tr key={i}>
            <td style={{ whiteSpace: 'nowrap' }}>{shortDay(date)}</td>
            <td>
              {entry ? (
                <Link to={`${journal}?entry=${encodeURIComponent(entry.id)}`}>
                  {entry.text || entry.reference || entry.kind}
                </Link>
              ) : (
                'Opening balance'
              )}
            </td>
            <td className="figure">{amount > 0 ? money(amount) : ''}</td>
            <td className="figure">{amount < 0 ? money(-amount) : ''}</td>
            <td className="figure">{money(Math.abs(balance))}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
