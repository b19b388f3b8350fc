import type { ChangedBook } from '@gleddo/contract';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';

interface ChangedInOriginProps {
  readonly name: string;
  readonly of: ChangedBook;
}

/** What was changed of a book of which this one is a copy, in words, the latest first. */
export function ChangedInOrigin({ name, of }: ChangedInOriginProps) {
  if (of.count === 0) return null;
  return (
    <>
      <h3>
        {name}: {counted(of.count, 'change')} there since
        {of.count > of.latest.length && `, the latest ${String(of.latest.length)}`}
      </h3>
      <ul className="plain-list">
        {of.latest.map(({ revision, says, by, at }) => (
          <li key={revision}>
            {says}{' '}
            <span className="quiet">
              · {by}, {momentText(at)}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
