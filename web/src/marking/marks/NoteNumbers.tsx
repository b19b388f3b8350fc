import { MarginNumber } from './MarginNumber';

/** So many numbers stand at a row; of more it is said how many. */
const MOST = 4;

/** The numbers of the notes about a row. */
export function NoteNumbers({ of }: { readonly of: readonly number[] }) {
  const shown = of.length > MOST ? of.slice(0, MOST - 1) : of;
  const rest = of.slice(shown.length);
  return (
    <>
      {shown.map((n) => (
        <MarginNumber key={n} of={n} />
      ))}
      {rest.length > 0 && (
        <span className="quiet" title={`notes ${rest.join(', ')}`}>
          +{rest.length}
          <span className="sr-only"> more notes: {rest.join(', ')}</span>
        </span>
      )}
    </>
  );
}
