import type { SpreadFigures } from '@gleddo/core';
import type { Money } from '../figures/money';

/** Whether the book is in balance, in words. */
export function BalanceFoot({ figures, money }: { figures: SpreadFigures; money: Money }) {
  const { assets, liabilities, equity } = figures.sheet.totals;
  const apart = assets - liabilities - equity;
  return (
    <>
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

export function ProfitFoot({ figures, money }: { figures: SpreadFigures; money: Money }) {
  const { profit } = figures.profit.totals;
  return (
    <>
      <span>{profit < 0 ? 'Loss for the period' : 'Profit for the period'}</span>
      <span>{money(profit)}</span>
    </>
  );
}
