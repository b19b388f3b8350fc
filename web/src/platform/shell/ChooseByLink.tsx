import { useQuery } from '@tanstack/react-query';
import type { LinkShown } from '@gleddo/contract';
import { get, post } from '../api/client';
import { Asking } from './Asking';
import { Cover } from './Cover';
import { ChoosePassword } from './ChoosePassword';

const AT = '/link/';

/** What stands in the link by which somebody comes; null: they come otherwise. */
export const linkInAddress = (): string | null => {
  const { pathname } = window.location;
  return pathname.startsWith(AT) ? decodeURIComponent(pathname.slice(AT.length)) : null;
};

/** Who comes by a link chooses a password of their own, and is in. */
export function ChooseByLink({ token }: { readonly token: string }) {
  const link = useQuery({
    queryKey: ['link', token],
    queryFn: () => get(`links/${token}`),
    staleTime: Infinity,
    retry: false,
  });
  return (
    <Cover>
      {link.data ? (
        <Choose token={token} whose={link.data} />
      ) : (
        <Asking of={link} what="What the link is for" />
      )}
    </Cover>
  );
}

function Choose({ token, whose }: { readonly token: string; readonly whose: LinkShown }) {
  const choose = async (password: string) => {
    const me = await post(`links/${token}`, { password });
    // The link is used up: whoever reloads comes to the first page, and so does who shows a second device.
    window.history.replaceState(null, '', '/');
    if (me === null) window.location.reload();
    return me ?? (await get('me'));
  };
  return <ChoosePassword whose={whose} choose={choose} />;
}
