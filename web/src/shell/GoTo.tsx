import type { Me } from '@gleddo/contract';
import { Suspense, useState } from 'react';
import { useSingleKey } from '../keyboard/single-keys';
import { lazyView } from '../work/lazy-view';

const FIELD = lazyView(() => import('./GoToField').then(({ GoToField }) => GoToField));

/** `/` anywhere, or a click: a field opens in which to type where one wants to go. */
export function GoTo({ me }: { me: Me }) {
  const [cameFrom, setCameFrom] = useState<Element | null>(null);
  const [isOpen, setOpen] = useState(false);
  const open = () => {
    setCameFrom(document.activeElement);
    setOpen(true);
  };
  useSingleKey('/', open);
  const shut = (
    <button type="button" className="find find-shut" onClick={open} onPointerEnter={FIELD.ahead}>
      Go to an account or page <kbd className="key-cap">/</kbd>
    </button>
  );
  if (!isOpen) return shut;
  return (
    <Suspense fallback={shut}>
      <FIELD.View {...{ me, cameFrom }} onLeave={() => setOpen(false)} />
    </Suspense>
  );
}
