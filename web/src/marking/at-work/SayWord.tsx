import { Button, Input } from 'antd';
import { useTypedWord } from '../../exercise/words/use-words';
import { Refusal } from '../../platform/shell/Refusal';
import { useSaying } from './use-at-work';
import styles from './at-work.module.css';

interface SayWordProps {
  readonly exerciseId: string;
  readonly label: string;
  readonly name: string;
  readonly to: readonly string[];
  readonly answers?: string;
  onSaid?(): void;
}

/** A word to some students, which stands where they work. */
export function SayWord({ exerciseId, label, name, to, answers, onSaid }: SayWordProps) {
  const typed = useTypedWord(`word.${exerciseId}.${answers ?? label}`);
  const { text, token } = typed;
  const say = useSaying(exerciseId);
  const done = () => {
    typed.clear();
    onSaid?.();
  };
  const send = () =>
    say.mutate(
      { tries: [...to], text, token, ...(answers === undefined ? {} : { answers }) },
      { onSuccess: done },
    );
  return (
    <div className={styles['say']}>
      <Input.TextArea
        aria-label={label}
        placeholder={label}
        autoSize={{ minRows: 2, maxRows: 6 }}
        maxLength={1000}
        value={text}
        onChange={(event) => typed.setText(event.target.value)}
      />
      <Button
        type="primary"
        disabled={typed.isEmpty || to.length === 0}
        loading={say.isPending}
        onClick={send}
      >
        {name}
      </Button>
      <Refusal of={say} />
    </div>
  );
}
