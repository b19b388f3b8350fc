import { taxReturn, taxStanding, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { useDays } from '../../platform/figures/written-days';
import css from '../business/business.module.css';
import { moneyWith } from '../../platform/figures/money';

interface BesideAccountsProps {
  readonly book: Book;
  readonly period: { readonly from: string; readonly to: string };
}

/** What the return tells beside what the accounts of these taxes moved, and what stands on them at its end. */
export function BesideAccounts({ book, period }: BesideAccountsProps) {
  const { longDay } = useDays();
  const { owed, moved } = useMemo(() => taxReturn(book, period), [book, period]);
  const standing = useMemo(() => taxStanding(book, period.to), [book, period.to]);
  const money = moneyWith(book, [owed, moved, standing]);
  const rows = [
    ['Tax of these documents', owed],
    ['Entered otherwise: paid, had back, by hand', moved - owed],
  ] as const;
  return (
    <>
      <h3 className={css['beside']}>Beside the accounts</h3>
      <table className="lines-table" aria-label="Beside the accounts">
        <tbody>
          {rows.map(([name, amount]) => (
            <tr key={name}>
              <td>{name}</td>
              <td className="figure">{money(amount)}</td>
            </tr>
          ))}
          <tr className="total">
            <td>What the accounts moved</td>
            <td className="figure">{money(moved)}</td>
          </tr>
          <tr>
            <td>
              {standing < 0 ? 'To be had back' : 'Owed'} at {longDay(period.to)}
            </td>
            <td className="figure">{money(Math.abs(standing))}</td>
          </tr>
        </tbody>
      </table>
    </>
  );
}
