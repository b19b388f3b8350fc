import { placeOfId, type Company } from '@gleddo/core';
import type { ReactNode } from 'react';
import { DayOrderContext } from './written-days';

interface WritesDaysProps {
  readonly company: Pick<Company, 'place'>;
  readonly children: ReactNode;
}

/** What stands inside writes its days as the company’s place does. */
export const WritesDays = ({ company, children }: WritesDaysProps) => (
  <DayOrderContext value={placeOfId(company.place).days}>{children}</DayOrderContext>
);
