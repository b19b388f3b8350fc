import type { DrillStanding } from '@gleddo/contract';
import {
  DISTINCTIONS,
  DRILL_ASKS,
  drillFeedback,
  type Distinction,
  type DrillQuestion,
} from '@gleddo/core';
import { Button } from 'antd';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useSearchParams } from 'react-router';
import { Asking } from '../../platform/shell/Asking';
import { ButtonLink } from '../../platform/shell/ButtonLink';
import { PageHead } from '../../platform/shell/PageHead';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './practice.module.css';
import { questionsOf, roundWanted, type Answered, type RoundWanted } from './round';
import { Feedback } from './Feedback';
import { Tray } from './Tray';
import { drillBy, useAnswer, useDrills } from './use-drills';

/** A drill: names one by one or as a tray, answered by key or touch, told at once. */
export default function DrillPage() {
  const [params] = useSearchParams();
  const drills = useDrills();
  const [round, setRound] = useState(1);
  if (!drills.data) return <Asking of={drills} what="The drill" />;
  const again = async () => {
    await drills.refetch();
    setRound((before) => before + 1);
  };
  return (
    <Round
      key={`${round} ${params.toString()}`}
      wanted={roundWanted(params)}
      standing={drills.data}
      onAgain={() => void again()}
    />
  );
}

interface RoundProps {
  readonly wanted: RoundWanted;
  readonly standing: DrillStanding;
  onAgain(): void;
}

/** The questions stand from the beginning of the round: what is answered meanwhile changes the next one. */
function useRound({ wanted, standing }: RoundProps) {
  const [questions] = useState(() => questionsOf(wanted, standing.history, seedNow()));
  const [answered, setAnswered] = useState<readonly Answered[]>([]);
  const kept = useAnswer();
  const give = (question: DrillQuestion, answer: string) => {
    const by = drillBy(wanted.words);
    if (!by) return;
    const described = drillFeedback(question, answer, by);
    setAnswered((before) => [...before, { question, answer, described }]);
    const token = nanoid();
    kept.mutate({ token, name: question.name.id, kind: question.kind, answer });
  };
  return { questions, answered, give, kept };
}

const seedNow = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;

function Round(props: RoundProps) {
  const { wanted, onAgain } = props;
  const { questions, answered, give, kept } = useRound(props);
  const [isLooking, setLooking] = useState(false);
  const at = answered.length - (isLooking ? 1 : 0);
  const question = questions[at];
  const isDone = answered.length === questions.length && !isLooking;
  const only = wanted.only === null ? null : DISTINCTIONS[wanted.only as Distinction];
  return (
    <>
      <PageHead path={{ to: '/practice', name: 'Practice' }} title={only ? only.name : 'A drill'} />
      <main className="desk">
        <section className={`paper ${styles['drill']}`}>
          <p className="quiet">
            {DRILL_ASKS[wanted.kind]} {Math.min(at + 1, questions.length)} of {questions.length}
          </p>
          {wanted.isTray && !isDone && <Tray {...{ questions, answered, give }} />}
          {!wanted.isTray && question && (
            <OneByOne
              key={question.name.id}
              question={question}
              answered={isLooking ? (answered.at(-1) ?? null) : null}
              onAnswer={(answer) => {
                give(question, answer);
                setLooking(true);
              }}
              onNext={() => setLooking(false)}
            />
          )}
          <Refusal of={kept} />
          {isDone && <Done answered={answered} onAgain={onAgain} />}
        </section>
      </main>
    </>
  );
}

interface OneByOneProps {
  readonly question: DrillQuestion;
  /** What was answered, once it was. */
  readonly answered: Answered | null;
  onAnswer(answer: string): void;
  onNext(): void;
}

const DIGITS = '1,2,3,4';

/** One name, its answers by key or touch; then what is to be said, and on with Enter. */
function OneByOne({ question, answered, onAnswer, onNext }: OneByOneProps) {
  const next = useRef<HTMLButtonElement>(null);
  useHotkeys(
    DIGITS,
    ({ key }) => {
      const option = question.options[Number(key) - 1];
      if (option) onAnswer(option.id);
    },
    { enabled: answered === null },
  );
  useEffect(() => {
    if (answered) next.current?.focus();
  }, [answered]);
  return (
    <>
      <h2 className={styles['name']}>{question.name.name}</h2>
      <Options {...{ question, answered, onAnswer }} />
      {answered && (
        <>
          <Feedback {...answered.described} />
          <Button ref={next} type="primary" onClick={onNext}>
            Next
          </Button>
        </>
      )}
    </>
  );
}

const Options = ({ question, answered, onAnswer }: Omit<OneByOneProps, 'onNext'>) => (
  <div className={styles['options']} role="group" aria-label={question.name.name}>
    {question.options.map(({ id, name }, i) => (
      <Button
        key={id}
        size="large"
        autoFocus={i === 0}
        disabled={answered !== null}
        className={lookOf(id, answered)}
        onClick={() => onAnswer(id)}
      >
        <kbd>{i + 1}</kbd> {name}
      </Button>
    ))}
  </div>
);

function lookOf(id: string, answered: Answered | null): string {
  if (answered?.described.rightOption === id) return styles['right'] ?? '';
  return answered?.answer === id ? (styles['wrong'] ?? '') : '';
}

function Done({ answered, onAgain }: { answered: readonly Answered[]; onAgain(): void }) {
  const missed = answered.filter(({ described }) => !described.isRight);
  return (
    <>
      <h2>
        {answered.length - missed.length} of {answered.length} right
      </h2>
      {missed.length > 0 && <p>These come again soon:</p>}
      <ul>
        {missed.map(({ question, described }) => (
          <li key={question.name.id}>
            <strong>{question.name.name}</strong>: {described.right}. {described.says}
          </li>
        ))}
      </ul>
      <div className="slip-actions">
        <Button type="primary" autoFocus onClick={onAgain}>
          Another round
        </Button>
        <ButtonLink to="/practice">Back to practice</ButtonLink>
      </div>
    </>
  );
}
