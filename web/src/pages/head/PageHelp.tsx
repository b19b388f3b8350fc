import type { Me } from '@gleddo/contract';
import { Suspense, useState } from 'react';
import { useSingleKey } from '../../platform/keyboard/single-keys';
import { lazyView } from '../../platform/shell/lazy-view';
import styles from './head.module.css';

const ABOUT = lazyView(() => import('../guide/AboutDialog').then((m) => m.AboutDialog));

/** `?` explains the page that one is on, everywhere; the button does the same. */
export function PageHelp({ me }: { me: Me }) {
  const [isOpen, setOpen] = useState(false);
  const [isWanted, setWanted] = useState(false);
  const open = () => {
    setWanted(true);
    setOpen(true);
  };
  useSingleKey('?', open);
  return (
    <>
      <button
        type="button"
        className={styles['help']}
        aria-label="About this page"
        title="About this page (?)"
        onPointerEnter={() => void ABOUT.ahead()}
        onClick={open}
      >
        ?
      </button>
      {isWanted && (
        <Suspense>
          <ABOUT.View role={me.role} isOpen={isOpen} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
