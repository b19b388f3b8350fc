import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { HistoryEntry } from '@gleddo/contract';
import {
  backBefore,
  booksBefore,
  operationSays,
  shownPeriod,
  WHOLE_LEDGER,
  type Book,
} from '@gleddo/core';
import { Button, Input } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { get, post } from '../../platform/api/client';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { readHistory, type Step } from '../open-book/read-history';
import { momentText } from '../../platform/figures/days';
import { useMoney } from '../../platform/figures/money';
import { Asking } from '../../platform/shell/Asking';
import { StatementSpread } from '../statements/StatementSpread';
import type { Choice } from '../statements/use-choice';
import { Refusal } from '../../platform/shell/Refusal';
import { WentOn } from './WentOn';
import workStyles from '../spread/work.module.css';
import historyStyles from './history.module.css';

const NOTHING_YET =
  'Nothing has been changed in this book yet. Each change will stand here, and can be gone back to.';
const SET_BACK =
  'This book was set back to an earlier moment. Each change from then on will stand here, and can be gone back to.';

/** Who changed what, when; any moment can be looked at, named, and gone back to. */
export function HistoryView() {
  const { answer, saving, revision } = useOpenBook();
  const history = useQuery({
    queryKey: ['history', answer.id, revision],
    queryFn: () => get(`books/${answer.id}/history`),
    enabled: saving === 'saved',
    staleTime: 0,
  });
  const steps = useMemo(() => readHistory(history.data ?? []), [history.data]);
  if (!history.data) return <Asking of={history} what="The history" />;
  if (steps.length === 0)
    return (
      <div className="desk">
        <div className="paper">
          <p className="state-line">{history.data.length > 0 ? SET_BACK : NOTHING_YET}</p>
          <WentOn history={history.data} />
        </div>
      </div>
    );
  return <Steps steps={steps} history={history.data} />;
}

interface StepsProps {
  readonly steps: readonly Step[];
  readonly history: readonly HistoryEntry[];
}

function Steps({ steps, history }: StepsProps) {
  const { book } = useOpenBook();
  const before = useMemo(() => booksBefore(book, steps), [book, steps]);
  const known = steps.slice(0, before.length);
  const [chosen, setChosen] = useState(0);
  const shown = chosen === 0 ? book : (before[chosen - 1] ?? book);
  return (
    <div className={`${workStyles['desk']} ${historyStyles['desk']}`}>
      <section className="paper" aria-label="History">
        <h2>History</h2>
        <ol className="plain-list">
          {known.map((step, i) => (
            <MomentLine key={step.revision} isChosen={i === chosen} onChoose={() => setChosen(i)}>
              <StepSays step={step} says={operationSays(step.operation, before[i] as Book)} />
            </MomentLine>
          ))}
          <MomentLine isChosen={chosen === known.length} onChoose={() => setChosen(known.length)}>
            As it was before these changes.
          </MomentLine>
        </ol>
        <WentOn history={history} />
        <MomentTools key={known[chosen]?.revision} steps={known} chosen={chosen} />
      </section>
      <MomentSpread book={shown} />
    </div>
  );
}

interface MomentLineProps {
  readonly isChosen: boolean;
  readonly children: ReactNode;
  onChoose(): void;
}

/** One line of the history: how the book stood then can be looked at. */
function MomentLine({ isChosen, children, onChoose }: MomentLineProps) {
  return (
    <li>
      <button
        type="button"
        className={`${historyStyles['step']} ${isChosen ? 'is-chosen' : ''}`}
        aria-pressed={isChosen}
        onClick={onChoose}
      >
        {children}
      </button>
    </li>
  );
}

function StepSays({ step, says }: { step: Step; says: string }) {
  const moments = useMoments();
  const name = moments.data?.find((each) => each.revision === step.revision)?.name;
  return (
    <>
      {name && <strong className={historyStyles['moment-name']}>{name}</strong>}
      {says}
      <span className="quiet">
        {step.by}, {momentText(step.at)}
      </span>
    </>
  );
}

function useMoments() {
  const { answer } = useOpenBook();
  return useQuery({
    queryKey: ['moments', answer.id],
    queryFn: () => get(`books/${answer.id}/moments`),
  });
}

/** At the chosen moment: give it a name, or go back to it. */
function MomentTools({ steps, chosen }: { steps: readonly Step[]; chosen: number }) {
  const store = useBookStore();
  const { answer } = useOpenBook();
  const [refused, setRefused] = useState<string | null>(null);
  const goBack = () => {
    const { refusals } = store.change(backBefore(steps, chosen));
    setRefused(refusals[0]?.says ?? null);
  };
  return (
    <div className={historyStyles['moment-tools']}>
      <NameMoment
        bookId={answer.id}
        revision={steps[chosen]?.revision ?? (steps.at(-1)?.revision ?? 1) - 1}
      />
      {answer.mayChange && (
        <Button size="small" disabled={chosen === 0} onClick={goBack}>
          Go back to it
        </Button>
      )}
      <Refusal says={refused} />
    </div>
  );
}

function NameMoment({ bookId, revision }: { bookId: string; revision: number }) {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const keep = useMutation({
    mutationFn: () => post(`books/${bookId}/moments`, { revision, name }),
    onSuccess: (moments) => {
      setName('');
      queries.setQueryData(['moments', bookId], moments);
    },
  });
  return (
    <>
      <Input
        size="small"
        aria-label="Name of this moment"
        placeholder="Name this moment"
        value={name}
        maxLength={100}
        onChange={(event) => setName(event.target.value)}
        onPressEnter={() => name.trim() !== '' && keep.mutate()}
      />
      <Button
        size="small"
        disabled={name.trim() === ''}
        loading={keep.isPending}
        onClick={() => keep.mutate()}
      >
        Name it
      </Button>
      <Refusal of={keep} />
    </>
  );
}

/** How the book stood, to be looked at. */
function MomentSpread({ book }: { book: Book }) {
  const money = useMoney(book);
  const choice: Choice = {
    shown: 'spread',
    period: shownPeriod(book),
    level: 'account',
    method: 'indirect',
    against: null,
    step: null,
    budget: false,
    zeros: true,
    ledger: WHOLE_LEDGER,
    account: null,
    set: () => undefined,
  };
  return (
    <div className="book-desk">
      <StatementSpread book={book} choice={choice} money={money} over={null} />
    </div>
  );
}
