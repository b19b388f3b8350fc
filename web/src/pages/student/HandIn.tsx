import type { MyTryDetail } from '@gleddo/contract';
import { Button } from 'antd';
import { Suspense, useEffect, useState } from 'react';
import { timeText } from '../../platform/figures/days';
import { lazyView } from '../../platform/shell/lazy-view';
import { Refusal } from '../../platform/shell/Refusal';
import { useWish } from './use-wish';

const DIALOG = lazyView(() => import('./HandInDialog').then((m) => m.HandInDialog));

/** What the work itself needs comes first; a line that is lost later takes nothing away. In milliseconds. */
const A_MOMENT = 1_500;

/** Asks to hand the work in; where there is no line, the wish waits for one. */
export function HandIn({ mine }: { readonly mine: MyTryDetail }) {
  const [isOpen, setOpen] = useState(false);
  const wish = useWish(mine);
  useEffect(() => {
    const timer = setTimeout(() => void DIALOG.ahead(), A_MOMENT);
    return () => clearTimeout(timer);
  }, []);
  if (wish.at !== null)
    return (
      <>
        <span className="notice" role="status">
          Is handed in as soon as there is a line (wished {timeText(wish.at)})
        </span>
        <Button disabled={wish.isPending} onClick={wish.letGo}>
          Go on working
        </Button>
      </>
    );
  return (
    <>
      <Refusal of={wish} />
      <Button type="primary" onPointerEnter={DIALOG.ahead} onClick={() => setOpen(true)}>
        Hand in
      </Button>
      {isOpen && (
        <Suspense>
          <DIALOG.View
            mine={mine}
            wish={wish.isFree ? null : wish.wish}
            onClose={() => setOpen(false)}
          />
        </Suspense>
      )}
    </>
  );
}
