import type { Me } from '@gleddo/contract';
import { Suspense, useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import { isComposing } from '../../platform/keyboard/composing';
import { useSingleKey } from '../../platform/keyboard/single-keys';
import { useSteady } from '../../platform/kept/use-steady';
import { lazyView } from '../../platform/shell/lazy-view';
import styles from './go-to.module.css';

const LIST = lazyView(() => import('./GoToList').then(({ GoToList }) => GoToList));

const NOTHING = { text: '', walked: 0, isEntered: false };

/** What is typed, walked and entered in the field, and where it leads. */
function useGoing() {
  const navigate = useNavigate();
  const [{ text, walked, isEntered }, set] = useState(NOTHING);
  const field = useRef<HTMLInputElement>(null);
  const cameFrom = useRef<Element | null>(null);
  useSingleKey('/', () => {
    cameFrom.current = document.activeElement;
    field.current?.focus();
  });
  const go = useSteady((to: string) => {
    set(NOTHING);
    field.current?.blur();
    void navigate(to);
  });
  const leave = () => {
    set(NOTHING);
    if (text !== '') return;
    if (cameFrom.current instanceof HTMLElement) cameFrom.current.focus();
    else field.current?.blur();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key] ?? 0;
    if (isComposing(event)) return;
    if (event.key === 'Escape') leave();
    else if (event.key === 'Enter') set({ text, walked, isEntered: true });
    else if (step !== 0) set({ text, walked: walked + step, isEntered });
    else return;
    event.preventDefault();
  };
  const type = (typed: string) => set({ ...NOTHING, text: typed });
  return { field, text, walked, isEntered, go, type, onKeyDown };
}

/** `/` anywhere, or a click: type a part of the name of an account or a page, and go there. */
export function GoTo({ me }: { me: Me }) {
  const { field, text, walked, isEntered, go, type, onKeyDown } = useGoing();
  return (
    <div className={styles['field']} role="search">
      <input
        ref={field}
        role="combobox"
        aria-label="Go to an account or page"
        placeholder="Go to an account or page"
        aria-expanded={text !== ''}
        aria-controls="go-list"
        aria-activedescendant={text === '' ? undefined : 'go-chosen'}
        value={text}
        onFocus={LIST.ahead}
        onBlur={() => type('')}
        onChange={(event) => type(event.target.value)}
        onKeyDown={onKeyDown}
      />
      <kbd className={styles['key-cap']}>/</kbd>
      {text.trim() !== '' && (
        <Suspense>
          <LIST.View {...{ me, text, walked, isEntered }} onGo={go} />
        </Suspense>
      )}
    </div>
  );
}
