import { Suspense, useState } from 'react';
import { lazyView } from '../../platform/shell/lazy-view';

const DIALOG = lazyView(() => import('./WordsDialog').then((m) => m.WordsDialog));

/** The way to all words that are explained. */
export function Glossary() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="link-button"
        onPointerEnter={() => void DIALOG.ahead()}
        onClick={() => setOpen(true)}
      >
        Words
      </button>
      {open && (
        <Suspense>
          <DIALOG.View onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
