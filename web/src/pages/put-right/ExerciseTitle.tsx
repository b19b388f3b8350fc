import { Link } from 'react-router';

/** The title of an exercise, and the way back to all of them. */
export const ExerciseTitle = ({ of: { title } }: { of: { readonly title: string } }) => (
  <h1 aria-label={title}>
    <Link to="/mine" className="path-link" aria-label="Back to my exercises" title="My exercises">
      ‹
    </Link>{' '}
    {title}
  </h1>
);
