import { shownPeriod, spreadFigures } from '@gleddo/core';
import { useMemo, type ReactNode } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { useMoney } from '../../platform/figures/money';
import { BalanceFoot, ProfitFoot } from '../spread/feet';
import { Page, Spread } from '../spread/Spread';

interface TabFrameProps {
  readonly title: string;
  readonly when?: string;
  readonly rightTitle: string;
  readonly right: ReactNode;
  readonly children: ReactNode;
}

/** Two pages of the open ledger: on the left what is worked on, on the right what it does or means. */
export function TabFrame({ title, when = '', rightTitle, right, children }: TabFrameProps) {
  const { book } = useOpenBook();
  const money = useMoney(book);
  const figures = useMemo(() => spreadFigures(book, shownPeriod(book)), [book]);
  return (
    <Spread
      names={[title, rightTitle]}
      className="bare unequal"
      left={
        <Page side="left" title={title} when={when} bare>
          {children}
        </Page>
      }
      right={
        <Page side="right" title={rightTitle} when="" bare>
          {right}
        </Page>
      }
      leftFoot={<BalanceFoot figures={figures} money={money} />}
      rightFoot={<ProfitFoot scheme={book.scheme} figures={figures} money={money} />}
    />
  );
}
