import type { Account } from '@gleddo/core';
import { FigureLink } from '../../platform/figures/FigureLink';
import type { Choice } from './use-choice';

interface LeadingFigureProps {
  readonly account: Pick<Account, 'id' | 'name'>;
  readonly choice: Choice;
  readonly figure: string;
  /** The one that Tab comes to. */
  readonly isFirst: boolean;
}

/** A figure of an account that leads to its entries; a dash leads nowhere. */
export const LeadingFigure = ({ account, choice, figure, isFirst }: LeadingFigureProps) =>
  /\d/.test(figure) ? (
    <FigureLink
      {...{ account: account.id, label: account.name, figure, first: isFirst }}
      onOpen={() => choice.set({ account: account.id })}
    />
  ) : (
    figure
  );
