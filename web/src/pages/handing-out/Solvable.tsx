import { counted } from '../../platform/figures/counted';
import { SETS, type LookedAt } from './look-through';

/** Whether students can know all of the key from what they are given: looked at before it is handed out. */
export function Solvable({ looked }: { readonly looked: LookedAt }) {
  const { untold, givesAway } = looked.found;
  const isOdd = untold.length + givesAway.length > 0;
  return (
    <section className="paper" aria-label="Can it be solved?" aria-busy={!looked.isOver}>
      <h2>Can it be solved?</h2>
      {isOdd ? <Odd looked={looked} /> : <Whole looked={looked} />}
    </section>
  );
}

function Whole({ looked: { found, sets, isOver } }: { readonly looked: LookedAt }) {
  const { told, reckoned } = found;
  const all = told.length + reckoned.length;
  return (
    <>
      <p>
        <span className="is-met">✓</span>{' '}
        {all === 0
          ? 'All amounts, accounts and days stand in the starting point.'
          : `All that is to be known (${all}) is told, or can be reckoned from what is told (${reckoned.length}).`}
      </p>
      {sets > 0 && (
        <p className="quiet">
          {isOver
            ? `So it is with ${sets} sets of figures.`
            : `${sets} of ${SETS} sets of figures looked at …`}
        </p>
      )}
    </>
  );
}

const MOST_SHOWN = 12;

function Odd({ looked: { found, seed } }: { readonly looked: LookedAt }) {
  const { told, reckoned, untold, givesAway } = found;
  const all = told.length + reckoned.length + untold.length;
  const odd = [...untold.map(({ says }) => says), ...givesAway];
  const whose = seed === null ? '' : ` with the figures of seed ${seed}`;
  return (
    <>
      <p>
        {untold.length > 0
          ? `${counted(untold.length, 'thing')} of ${all} can’t be known from the brief, the steps and the papers${whose}.`
          : 'Something gives an answer away.'}{' '}
        It can be handed out all the same.
      </p>
      <ul>
        {odd.slice(0, MOST_SHOWN).map((says, i) => (
          <li key={i}>{says}</li>
        ))}
      </ul>
      {odd.length > MOST_SHOWN && <p className="quiet">And {odd.length - MOST_SHOWN} more.</p>}
    </>
  );
}
