import { Suspense, useEffect, useState } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { useKept } from '../../platform/kept/use-kept';
import { lazyView } from '../../platform/shell/lazy-view';
import styles from './chart.module.css';

const SHEET = lazyView(() => import('./PasteSheet').then((m) => m.PasteSheet));

const isSeveralRows = (text: string): boolean => text.trim().includes('\n');

/** Rows copied from a spreadsheet: pasting them opens the sheet on which they are understood. */
export function PasteRows() {
  const { answer } = useOpenBook();
  const [open, setOpen] = useState(false);
  const [text, setText, clear] = useKept(`paste.${answer.id}`, '');
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => {
      const pasted = event.clipboardData?.getData('text/plain') ?? '';
      const target = event.target as HTMLElement;
      if (!isSeveralRows(pasted) || target.closest('.ant-modal, textarea')) return;
      event.preventDefault();
      setText(pasted);
      setOpen(true);
    };
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  }, [setText]);
  const close = () => setOpen(false);
  const done = () => {
    clear();
    close();
  };
  return (
    <>
      <button
        type="button"
        className={`link-button ${styles['paste-rows']}`}
        onPointerEnter={SHEET.ahead}
        onClick={() => setOpen(true)}
      >
        Paste rows from a spreadsheet
      </button>
      {open && (
        <Suspense>
          <SHEET.View {...{ open, text }} onText={setText} onClose={close} onDone={done} />
        </Suspense>
      )}
    </>
  );
}
