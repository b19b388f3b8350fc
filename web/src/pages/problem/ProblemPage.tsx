import { Button } from 'antd';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useSingleKey } from '../../platform/keyboard/single-keys';
import { PageHead } from '../../platform/shell/PageHead';
import { BookColumn, otherOf, type Choosing } from './BookColumn';
import { PasteText } from './PasteText';
import { TakeThem } from './TakeThem';
import { TextColumn } from './TextColumn';
import { useProblem, type Problem } from './use-problem';
import styles from './problem.module.css';

const EXERCISES = { to: '/exercises', name: 'Exercises' };

/** From a problem’s text to an exercise: what each sentence does to the books is proposed, and said right. */
export default function ProblemPage() {
  const problem = useProblem();
  return (
    <>
      <PageHead path={EXERCISES} title="From a problem’s text">
        {problem.proposal && <Counted problem={problem} />}
      </PageHead>
      <main className="desk">
        {problem.proposal ? <Reading problem={problem} /> : <PasteText problem={problem} />}
      </main>
    </>
  );
}

function Counted({ problem }: { readonly problem: Problem }) {
  const { standings, proposal, backToText } = problem;
  const count = (...kinds: readonly string[]) =>
    standings.filter((standing) => kinds.includes(standing)).length;
  const look = count('to-look-at');
  const todo = count('to-do');
  return (
    <>
      <span className="quiet">{proposal?.company.name}</span>
      <div className="actions">
        <span className="quiet" role="status">
          {standings.length - todo} of {standings.length} understood
          {look > 0 && <strong> · {look} to look at</strong>}
          {todo > 0 && <strong> · {todo} to be done</strong>}
        </span>
        <Button onClick={backToText}>Back to the text</Button>
        <TakeThem problem={problem} />
      </div>
    </>
  );
}

/** The next sentence that waits for a word, behind a place; where none does, the one behind it. */
function nextFrom({ standings }: Problem, at: number): number {
  const waits = (standing: string) => standing === 'to-look-at' || standing === 'to-do';
  const next = standings.findIndex((standing, i) => i > at && waits(standing));
  return next >= 0 ? next : Math.min(at + 1, standings.length - 1);
}

/** Which sentence one is at, and what can be said of it. */
function useChoosing(problem: Problem): Choosing {
  const [current, setCurrent] = useState(() => Math.max(0, nextFrom(problem, -1)));
  const [editing, setEditing] = useState<number | null>(null);
  const goOn = (at: number) => setCurrent(nextFrom(problem, at));
  return {
    ...{ problem, current, editing, choose: setCurrent },
    edit: (at) => {
      setEditing(at);
      if (at !== null) setCurrent(at);
    },
    confirm: (at) => {
      if (problem.standings[at] === 'to-look-at') problem.confirm(at);
      goOn(at);
    },
    confirmOther: (at) => {
      const other = otherOf(problem, at);
      if (other) problem.confirm(at, { [other.name]: other.type });
      goOn(at);
    },
    leave: (at) => {
      problem.leave(at);
      goOn(at);
    },
  };
}

const NOTHING_HAPPENS =
  'Nothing happens in this text: no sentence with an amount was found. Go back to the text and write what happened, a sentence for each.';

function Reading({ problem }: { readonly problem: Problem }) {
  const choosing = useChoosing(problem);
  useKeys(choosing);
  if (problem.standings.length === 0)
    return (
      <div className="paper">
        <p className="state-line">{NOTHING_HAPPENS}</p>
      </div>
    );
  return (
    <div className={styles['spread']}>
      <TextColumn {...{ problem, current: choosing.current }} onChoose={choosing.choose} />
      <BookColumn {...choosing} />
    </div>
  );
}

/** Sentence by sentence by key: Enter is right, 2 the other one, F2 something else, arrows go up and down. */
function useKeys(choosing: Choosing): void {
  const { problem, current, editing } = choosing;
  const enabled = editing === null;
  const last = problem.standings.length - 1;
  const standing = problem.standings[current];
  useHotkeys(
    'enter',
    (event) => {
      const at = event.target as HTMLElement;
      if (at.closest('a, .ant-modal, button') && !at.closest('[data-sentence]')) return;
      event.preventDefault();
      if (standing === 'to-do') choosing.edit(current);
      else choosing.confirm(current);
    },
    { enabled },
  );
  useHotkeys('f2', () => choosing.edit(current), { enabled, preventDefault: true });
  useHotkeys('down', () => choosing.choose(Math.min(last, current + 1)), {
    ...{ enabled, preventDefault: true },
  });
  useHotkeys('up', () => choosing.choose(Math.max(0, current - 1)), {
    ...{ enabled, preventDefault: true },
  });
  useSingleKey('2', () => {
    if (enabled && otherOf(problem, current)) choosing.confirmOther(current);
  });
}
