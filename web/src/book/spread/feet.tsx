import { resultName, type Scheme, type SpreadFigures } from '@gleddo/core';
import { Told } from '../../platform/shell/Told';
import type { Money } from '../../platform/figures/money';

/** Whether the book is in balance, in words. */
export function BalanceFoot({ figures, money }: { figures: SpreadFigures; money: Money }) {
  const { assets, liabilities, equity } = figures.sheet.totals;
  const apart = assets - liabilities - equity;
  const stands =
    apart === 0
      ? `equal liabilities ${money(liabilities)} and equity ${money(equity)}`
      : `are ${money(Math.abs(apart))} apart from liabilities and equity`;
  return (
    <>
      <Told says={`Assets ${money(assets)} ${stands}.`} />
      <span>Assets {money(assets)}</span>
      {apart === 0 ? (
        <span className="is-met">
          ✓ equals liabilities {money(liabilities)} + equity {money(equity)}
        </span>
      ) : (
        <span className="is-missed">× {money(Math.abs(apart))} apart</span>
      )}
    </>
  );
}

interface ProfitFootProps {
  readonly scheme: Scheme;
  readonly figures: SpreadFigures;
  readonly money: Money;
}

export function ProfitFoot({ scheme, figures, money }: ProfitFootProps) {
  const { profit } = figures.profit.totals;
  return (
    <>
      <Told says={`${resultName(scheme, profit)} ${money(profit)}.`} />
      <span>{resultName(scheme, profit)}</span>
      <span>{money(profit)}</span>
    </>
  );
}
