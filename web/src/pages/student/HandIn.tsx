import type { MyTryDetail } from '@gleddo/contract';
import { Button } from 'antd';
import { Suspense, useEffect, useState } from 'react';
import { lazyView } from '../../platform/shell/lazy-view';

const DIALOG = lazyView(() => import('./HandInDialog').then((m) => m.HandInDialog));

/** What the work itself needs comes first; a line that is lost later takes nothing away. In milliseconds. */
const A_MOMENT = 1_500;

/** Asks to hand the work in. */
export function HandIn({ mine }: { readonly mine: MyTryDetail }) {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => void DIALOG.ahead(), A_MOMENT);
    return () => clearTimeout(timer);
  }, []);
  return (
    <>
      <Button type="primary" onPointerEnter={DIALOG.ahead} onClick={() => setOpen(true)}>
        Hand in
      </Button>
      {isOpen && (
        <Suspense>
          <DIALOG.View mine={mine} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
