import { Button, Input } from 'antd';
import type { GuideDraft } from './guide-draft';
import styles from './steps.module.css';

type OwnWord = NonNullable<GuideDraft['guide']['words']>[number];

interface OwnWordsProps {
  readonly draft: GuideDraft;
  onDraft(draft: GuideDraft): void;
}

/** Words that the exercise explains besides those of the trade. */
export function OwnWords({ draft, onDraft }: OwnWordsProps) {
  const { guide } = draft;
  const words = guide.words ?? [];
  const put = (list: readonly OwnWord[]) =>
    onDraft({ ...draft, guide: { ...guide, words: [...list] } });
  return (
    <div>
      {words.map((word, i) => (
        <WordRow
          key={i}
          word={word}
          at={i}
          onChange={(to) => put(words.map((each, at) => (at === i ? to : each)))}
          onRemove={() => put(words.filter((_, at) => at !== i))}
        />
      ))}
      <Button size="small" onClick={() => put([...words, { word: '', says: '' }])}>
        Explain a word
      </Button>
    </div>
  );
}

interface WordRowProps {
  readonly word: OwnWord;
  readonly at: number;
  onChange(word: OwnWord): void;
  onRemove(): void;
}

const WordRow = ({ word, at, onChange, onRemove }: WordRowProps) => (
  <div className={styles['row']}>
    <Input
      aria-label={`Word ${at + 1}`}
      placeholder="Word"
      maxLength={60}
      value={word.word}
      onChange={(event) => onChange({ ...word, word: event.target.value })}
    />
    <Input
      aria-label={`What word ${at + 1} means`}
      placeholder="What it means here"
      maxLength={1000}
      value={word.says}
      onChange={(event) => onChange({ ...word, says: event.target.value })}
    />
    <Button size="small" type="text" onClick={onRemove}>
      Remove
    </Button>
  </div>
);
