import type { Entry } from '../../model/shapes/entry.js';
import type { Schedule } from '../../model/shapes/schedule.js';

/** The entries of the rows that are made. */
export const scheduleEntries = (schedule: Schedule): Entry[] =>
  schedule.rows.flatMap(({ date, amount, made }, i) =>
    made
      ? [
          {
            id: `of-${schedule.id}-${i + 1}`,
            date,
            kind: 'adjusting' as const,
            reference: '',
            text: schedule.text,
            lines: [
              { account: schedule.debit, amount },
              { account: schedule.credit, amount: -amount },
            ],
            schedule: schedule.id,
          },
        ]
      : [],
  );
