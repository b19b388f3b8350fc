import {
  accountLabel,
  accountOf,
  evenlyNumbered,
  faultsOfPlan,
  renumberedChart,
  SHIPPED_PLANS,
  shippedPlan,
  type Book,
  type NumberPlan,
  type Renumbered,
} from '@gleddo/core';
import { Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { useBookStore, useOpenBook } from '../book/open-book';
import { PlanBands } from './PlanBands';
import { PlanEditor } from './PlanEditor';

const OFF = 'off';
const OWN = 'own';

/** The numbers of a book: its plan and how full it is; another plan, or none, in one step. */
export function NumbersCard() {
  const { book, answer } = useOpenBook();
  const plan = book.numberPlan;
  return (
    <section className="paper" aria-label="Account numbers">
      <h2>Account numbers</h2>
      {plan ? (
        <>
          <p className="quiet">
            {plan.name}; a step of {plan.step} between neighbours, of {plan.childStep} for what
            stands under an account.
          </p>
          <PlanBands book={book} plan={plan} />
        </>
      ) : (
        <p>This book works without numbers; accounts stand in the order in which they are put.</p>
      )}
      {answer.mayChange && plan && <MakeRoom book={book} />}
      {answer.mayChange && <Renumber book={book} />}
    </section>
  );
}

function MakeRoom({ book }: { book: Book }) {
  const store = useBookStore();
  const [section, setSection] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const spread = () => {
    const result = evenlyNumbered(book, section ?? '');
    if (!result.ok) return setSaid(result.refusals[0]?.says ?? '');
    const { refusals } = store.change(renumberOperation(result.value, book.numberPlan));
    setSaid(
      refusals[0]?.says ?? `${result.value.length} accounts have new numbers; Undo takes it back.`,
    );
  };
  return (
    <div className="numbers-row">
      <Select
        aria-label="Section to make room in"
        placeholder="Make room in a section"
        style={{ width: 240 }}
        value={section}
        options={book.scheme.sections.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={setSection}
      />
      <Button disabled={section === null} onClick={spread}>
        Spread its numbers evenly
      </Button>
      {said !== null && (
        <span className="quiet" role="status">
          {said}
        </span>
      )}
    </div>
  );
}

const renumberOperation = (numbers: readonly Renumbered[], numberPlan: NumberPlan | null) =>
  ({
    kind: 'renumber-all',
    numbers: numbers.map(({ id, number }) => ({ id, number })),
    numberPlan,
  }) as const;

function Renumber({ book }: { book: Book }) {
  const [choice, setChoice] = useState<string | null>(null);
  const [own, setOwn] = useState<NumberPlan>(() => ({
    ...(book.numberPlan ?? (SHIPPED_PLANS[0] as NumberPlan)),
    id: OWN,
    name: 'A plan of our own',
  }));
  const plan = choice === OWN ? own : choice === null ? null : shippedPlan(choice);
  return (
    <>
      <div className="numbers-row">
        <Select
          aria-label="Another number plan"
          placeholder="Another plan for the whole chart"
          style={{ width: 240 }}
          value={choice}
          options={[
            ...SHIPPED_PLANS.map(({ id, name }) => ({ value: id, label: name })),
            { value: OWN, label: 'A plan of your own' },
            { value: OFF, label: 'Without numbers' },
          ]}
          onChange={setChoice}
        />
      </div>
      {choice === OWN && <PlanEditor plan={own} scheme={book.scheme} onChange={setOwn} />}
      {choice !== null && (
        <Preview key={choice} book={book} plan={plan} onDone={() => setChoice(null)} />
      )}
    </>
  );
}

interface PreviewProps {
  readonly book: Book;
  readonly plan: NumberPlan | null;
  onDone(): void;
}

/** Old and new numbers side by side, before anything is done. */
function Preview({ book, plan, onDone }: PreviewProps) {
  const store = useBookStore();
  const [refused, setRefused] = useState<string | null>(null);
  const isWhole = plan === null || faultsOfPlan(plan).length === 0;
  const result = useMemo(
    () => (isWhole ? renumberedChart(book, plan) : null),
    [book, plan, isWhole],
  );
  if (!result) return null;
  if (!result.ok)
    return (
      <p className="refusal" role="alert">
        {result.refusals[0]?.says}
      </p>
    );
  const renumber = () => {
    const { refusals } = store.change(renumberOperation(result.value, plan));
    if (refusals.length > 0) setRefused(refusals[0]?.says ?? '');
    else onDone();
  };
  return (
    <>
      <div className="understood">
        <table className="lines-table">
          <thead>
            <tr>
              <th>Account</th>
              <th className="figure">now</th>
              <th className="figure">then</th>
            </tr>
          </thead>
          <tbody>
            {result.value.map(({ id, old, number }) => {
              const account = accountOf(book, id);
              return (
                <tr key={id}>
                  <td>{account ? accountLabel({ ...account, number: null }) : id}</td>
                  <td className="figure quiet">{old ?? '–'}</td>
                  <td className="figure">{number ?? '–'}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      {refused !== null && (
        <p className="refusal" role="alert">
          {refused}
        </p>
      )}
      <div className="slip-actions">
        <Button onClick={onDone}>Leave it as it is</Button>
        <Button type="primary" className="last" onClick={renumber}>
          {plan ? `Renumber ${result.value.length} accounts` : 'Take the numbers off'}
        </Button>
      </div>
    </>
  );
}
