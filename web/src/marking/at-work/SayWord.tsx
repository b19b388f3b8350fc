import { Button, Input } from 'antd';
import { useState } from 'react';
import { Refusal } from '../../platform/shell/Refusal';
import type { useSaying } from './use-at-work';
import styles from './at-work.module.css';

interface SayWordProps {
  readonly label: string;
  readonly name: string;
  readonly to: readonly string[];
  readonly answers?: string;
  readonly saying: ReturnType<typeof useSaying>;
  onSaid?(): void;
}

/** A word to some students, which stands where they work. */
export function SayWord({ label, name, to, answers, saying: { say }, onSaid }: SayWordProps) {
  const [text, setText] = useState('');
  const send = () =>
    say.mutate(
      { tries: [...to], text, ...(answers === undefined ? {} : { answers }) },
      {
        onSuccess: () => {
          setText('');
          onSaid?.();
        },
      },
    );
  return (
    <div className={styles['say']}>
      <Input.TextArea
        aria-label={label}
        placeholder={label}
        autoSize={{ minRows: 2, maxRows: 6 }}
        maxLength={1000}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button
        type="primary"
        disabled={text.trim() === '' || to.length === 0}
        loading={say.isPending}
        onClick={send}
      >
        {name}
      </Button>
      <Refusal of={say} />
    </div>
  );
}
