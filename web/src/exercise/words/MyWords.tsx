import type { Word } from '@gleddo/contract';
import { Button, Input, Modal } from 'antd';
import { useState } from 'react';
import { Refusal } from '../../platform/shell/Refusal';
import { WordList } from './WordList';
import { unread, useAsking, useSeen, useStepTitle, useTypedWord, useWords } from './use-words';
import styles from './my-words.module.css';

interface MyWordsProps {
  readonly exerciseId: string;
  readonly bookId: string;
}

/** A way to ask, where one works. */
export function AskButton({ exerciseId, bookId }: MyWordsProps) {
  const words = useWords(exerciseId);
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Ask</Button>
      {isOpen && <AskDialog {...{ words, exerciseId, bookId }} onClose={() => setOpen(false)} />}
    </>
  );
}

/** What the instructor says while one works, above the work, until it is understood. */
export function SaidWords({ exerciseId }: Pick<MyWordsProps, 'exerciseId'>) {
  const words = useWords(exerciseId);
  const seen = useSeen(exerciseId);
  const unseen = unread(words);
  if (unseen.length === 0) return null;
  return (
    <div className={styles['said']} role="status">
      <WordList words={unseen} all={words} />
      <Button size="small" loading={seen.isPending} onClick={() => seen.mutate(unseen)}>
        Understood
      </Button>
    </div>
  );
}

interface AskDialogProps extends MyWordsProps {
  readonly words: readonly Word[];
  onClose(): void;
}

function AskDialog({ words, exerciseId, bookId, onClose }: AskDialogProps) {
  const { text, setText, clear, token, isEmpty } = useTypedWord(`ask.${exerciseId}`);
  const ask = useAsking(exerciseId);
  const stepTitle = useStepTitle(bookId);
  const send = () => ask.mutate({ text, about: stepTitle(), token }, { onSuccess: clear });
  return (
    <Modal
      open
      title="Ask your instructor"
      okText="Ask"
      okButtonProps={{ disabled: isEmpty, loading: ask.isPending }}
      cancelText="Close"
      onOk={send}
      onCancel={onClose}
    >
      <WordList words={words} all={words} />
      <label htmlFor="own-question">They see your work beside your question.</label>
      <Input.TextArea
        id="own-question"
        rows={3}
        maxLength={1000}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Refusal of={ask} />
    </Modal>
  );
}
