import { useEffect, useId, useRef } from 'react';
import { tell } from './tell';

/** Tells what stands here whenever it becomes something else; not what it is when one comes. */
export function Told({ says }: { readonly says: string }) {
  const id = useId();
  const before = useRef(says);
  useEffect(() => {
    if (before.current === says) return;
    before.current = says;
    if (says !== '') tell(id, says);
  }, [id, says]);
  return null;
}
