import type { FoundSoFar } from '@gleddo/contract';

/** What is met and what is not yet, without saying what would be right. */
export function FoundList({ found }: { found: FoundSoFar }) {
  return (
    <>
      <p className="is-met">✓ {found.met} checks are met.</p>
      {found.notMet.length > 0 && (
        <>
          <p className="is-missed">
            × {found.notMet.length} {found.notMet.length === 1 ? 'is' : 'are'} not met yet:
          </p>
          <ul>
            {found.notMet.map(({ fault, about }, i) => (
              <li key={i}>
                {fault}
                {about !== '' && <span className="quiet"> · {about}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
