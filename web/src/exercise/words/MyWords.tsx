import { Button, Input, Modal } from 'antd';
import { useState } from 'react';
import { Refusal } from '../../platform/shell/Refusal';
import { WordList } from './WordList';
import { useStepTitle, useWords } from './use-words';
import styles from './my-words.module.css';

interface MyWordsProps {
  readonly exerciseId: string;
  readonly bookId: string;
}

/** What the instructor says while one works, and a way to ask: where one works. */
export function MyWords({ exerciseId, bookId }: MyWordsProps) {
  const { words, ask, seen } = useWords(exerciseId);
  const [isOpen, setOpen] = useState(false);
  const unseen = words.filter(({ isAsked, isSeen }) => !isAsked && !isSeen);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Ask</Button>
      {unseen.length > 0 && (
        <div className={styles['said']} role="status">
          <WordList words={unseen} all={words} />
          <Button size="small" loading={seen.isPending} onClick={() => seen.mutate()}>
            Understood
          </Button>
        </div>
      )}
      {isOpen && <AskDialog {...{ words, ask, bookId }} onClose={() => setOpen(false)} />}
    </>
  );
}

interface AskDialogProps extends Pick<ReturnType<typeof useWords>, 'words' | 'ask'> {
  readonly bookId: string;
  onClose(): void;
}

function AskDialog({ words, ask, bookId, onClose }: AskDialogProps) {
  const [text, setText] = useState('');
  const stepTitle = useStepTitle(bookId);
  const send = () => ask.mutate({ text, about: stepTitle() }, { onSuccess: () => setText('') });
  return (
    <Modal
      open
      title="Ask your instructor"
      okText="Ask"
      okButtonProps={{ disabled: text.trim() === '', loading: ask.isPending }}
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
