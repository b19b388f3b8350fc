import { healthOf, type HealthNote } from '@gleddo/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useOpenBook } from '../open-book/open-book';
import { counted } from '../../platform/figures/counted';

/** What can be said of a book without any key: what looks odd, and what to do. */
export function HealthCard({ base }: { base: string }) {
  const { book, answer } = useOpenBook();
  const { bands } = answer.help;
  const notes = useMemo(() => healthOf(book, bands), [book, bands]);
  return (
    <section className="paper">
      <h2>Health of the book</h2>
      <p className="quiet">
        What can be said without a key. Nothing here is marked; some of it may be meant.
      </p>
      {notes.length === 0 ? (
        <p className="is-met">✓ Nothing odd.</p>
      ) : (
        <>
          <p>
            {counted(notes.length, 'thing')} to look at, in the{' '}
            <Link to={`${base}/chart`}>chart</Link> or the{' '}
            <Link to={`${base}/journal`}>journal</Link>.
          </p>
          <HealthNotes notes={notes} base={base} />
        </>
      )}
    </section>
  );
}

function HealthNotes({ notes, base }: { notes: readonly HealthNote[]; base: string }) {
  return (
    <table className="lines-table">
      <tbody>
        {notes.map(({ check, account, title, says }, i) => (
          <tr key={`${check} ${account ?? i}`}>
            <td className="quiet">{title}</td>
            <td>{says}</td>
            <td style={{ whiteSpace: 'nowrap' }}>
              {account !== null && (
                <Link to={`${base}/chart?account=${encodeURIComponent(account)}`}>show it</Link>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
