import type { EarlierTry } from '@gleddo/contract';
import { Link } from 'react-router';
import { ordinal } from '../../platform/figures/ordinal';

interface EarlierLinksProps {
  readonly tryId: string;
  readonly earlier: readonly Pick<EarlierTry, 'number' | 'points' | 'of'>[];
}

/** The ways to the tries of before, with what each came to. */
export const EarlierLinks = ({ tryId, earlier }: EarlierLinksProps) =>
  earlier.map(({ number, points, of }) => (
    <span key={number}>
      {' · '}
      <Link to={`/marking/${tryId}/earlier/${number}`}>
        {ordinal(number)} try{points === null ? '' : `: ${points} of ${of}`}
      </Link>
    </span>
  ));
