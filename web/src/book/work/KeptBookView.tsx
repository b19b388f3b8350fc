import { ProfileView } from '../profile/ProfileView';
import { WorkView } from './WorkView';

interface KeptBookProps {
  readonly base: string;
  readonly bookId: string;
  readonly part: string;
  /** The tab within its profile. */
  readonly inner: string;
}

/** One part of a book that an instructor keeps, its profile among them. */
export function KeptBookView({ base, bookId, part, inner }: KeptBookProps) {
  return part === 'profile' ? (
    <ProfileView {...{ base, bookId, inner }} />
  ) : (
    <WorkView part={part} />
  );
}
