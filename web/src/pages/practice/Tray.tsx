import type { DrillQuestion } from '@gleddo/core';
import { Radio } from 'antd';
import type { Answered } from './round';
import styles from './practice.module.css';
import { Feedback } from './Feedback';

interface TrayProps {
  readonly questions: readonly DrillQuestion[];
  readonly answered: readonly Answered[];
  give(question: DrillQuestion, answer: string): void;
}

/** All names at once: each is put where it belongs, in any order. */
export function Tray({ questions, answered, give }: TrayProps) {
  const byName = new Map(answered.map((each) => [each.question.name.id, each]));
  return (
    <ul className={`plain-list ${styles['tray']}`}>
      {questions.map((question) => {
        const done = byName.get(question.name.id);
        return (
          <li key={question.name.id}>
            <strong>{question.name.name}</strong>
            <Radio.Group
              aria-label={question.name.name}
              disabled={done !== undefined}
              value={done?.answer ?? null}
              options={question.options.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={(event) => give(question, event.target.value as string)}
            />
            {done && <Feedback {...done.described} />}
          </li>
        );
      })}
    </ul>
  );
}
