import type { ShownResult } from '@gleddo/contract';
import { Button, Input } from 'antd';
import { useEffect, useState } from 'react';
import { Refusal } from '../../platform/shell/Refusal';
import { WordList } from './WordList';
import { useWords } from './use-words';
import styles from './my-words.module.css';

interface AskAtNoteProps {
  readonly exerciseId: string;
  readonly fault: ShownResult;
}

/** At a note of work given back: what was asked there, what was answered, and asking. */
export function AskAtNote({ exerciseId, fault }: AskAtNoteProps) {
  const { words, ask } = useWords(exerciseId);
  const [isOpen, setOpen] = useState(false);
  const [text, setText] = useState('');
  const here = words.filter(({ ref }) => ref === fault.ref);
  const send = () =>
    ask.mutate(
      { text, about: fault.fault, ref: fault.ref },
      { onSuccess: () => (setText(''), setOpen(false)) },
    );
  return (
    <div className={styles['at-note']}>
      <WordList words={here} all={words} />
      {isOpen ? (
        <>
          <Input.TextArea
            aria-label={`Your question about “${fault.fault}”`}
            placeholder="Why? Or: I think this is right, because …"
            autoSize={{ minRows: 2, maxRows: 6 }}
            maxLength={1000}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <Button size="small" disabled={text.trim() === ''} loading={ask.isPending} onClick={send}>
            Ask
          </Button>
          <Refusal of={ask} />
        </>
      ) : (
        <button type="button" className="link-button" onClick={() => setOpen(true)}>
          Ask about this
        </button>
      )}
    </div>
  );
}

/** What is said about work given back stands at its notes: to see these is to have seen it. */
export function useSeenAtNotes(exerciseId: string): void {
  const { words, seen } = useWords(exerciseId);
  const unseen = words.filter(({ isAsked, isSeen }) => !isAsked && !isSeen).length;
  const { mutate } = seen;
  useEffect(() => {
    if (unseen > 0) mutate();
  }, [unseen, mutate]);
}
