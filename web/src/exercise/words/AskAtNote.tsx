import type { ShownResult, Word } from '@gleddo/contract';
import { Button, Input } from 'antd';
import { useEffect, useState } from 'react';
import { isKept } from '../../platform/kept/use-kept';
import { Refusal } from '../../platform/shell/Refusal';
import { WordList } from './WordList';
import { unread, useAsking, useSeen, useTypedWord } from './use-words';
import styles from './my-words.module.css';

interface AskAtNoteProps {
  readonly exerciseId: string;
  readonly fault: ShownResult;
  /** All that is said about the work. */
  readonly words: readonly Word[];
}

/** At a note of work given back: what was asked there, what was answered, and asking. */
export function AskAtNote({ exerciseId, fault, words }: AskAtNoteProps) {
  const name = `ask.${exerciseId}.${fault.ref}`;
  const [isOpen, setOpen] = useState(() => isKept(name));
  return (
    <div className={styles['at-note']}>
      <WordList words={words.filter(({ ref }) => ref === fault.ref)} all={words} />
      {isOpen ? (
        <AskHere {...{ exerciseId, fault, name }} onAsked={() => setOpen(false)} />
      ) : (
        <button type="button" className="link-button" onClick={() => setOpen(true)}>
          Ask about this
        </button>
      )}
    </div>
  );
}

interface AskHereProps extends Omit<AskAtNoteProps, 'words'> {
  readonly name: string;
  onAsked(): void;
}

function AskHere({ exerciseId, fault, name, onAsked }: AskHereProps) {
  const { text, setText, clear, token, isEmpty } = useTypedWord(name);
  const ask = useAsking(exerciseId);
  const done = () => {
    clear();
    onAsked();
  };
  const send = () =>
    ask.mutate({ text, about: fault.fault, ref: fault.ref, token }, { onSuccess: done });
  return (
    <>
      <Input.TextArea
        autoFocus
        aria-label={`Your question about “${fault.fault}”`}
        placeholder="Why? Or: I think this is right, because …"
        autoSize={{ minRows: 2, maxRows: 6 }}
        maxLength={1000}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button size="small" disabled={isEmpty} loading={ask.isPending} onClick={send}>
        Ask
      </Button>
      <Refusal of={ask} />
    </>
  );
}

interface SaidOtherwiseProps {
  readonly words: readonly Word[];
  readonly results: readonly ShownResult[];
}

/** What was said about a work and stands at none of its notes. */
export function SaidOtherwise({ words, results }: SaidOtherwiseProps) {
  const refs = new Set(
    results.filter(({ outcome }) => outcome === 'not-met').map(({ ref }) => ref),
  );
  const others = words.filter(({ ref }) => ref === null || !refs.has(ref));
  if (others.length === 0) return null;
  return (
    <section aria-label="Asked and said">
      <h3>Asked and said</h3>
      <WordList words={others} all={words} />
    </section>
  );
}

/** All that is said about work given back stands on its page: to see that is to have read it. */
export function useSeenHere(exerciseId: string, words: readonly Word[]): void {
  const { mutate } = useSeen(exerciseId);
  useEffect(() => {
    const shown = unread(words);
    if (shown.length > 0) mutate(shown);
  }, [words, mutate]);
}
