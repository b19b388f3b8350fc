import {
  accountLabel,
  accountOf,
  faultsOfPlan,
  renumberedChart,
  SHIPPED_PLANS,
  shippedPlan,
  type Book,
  type NumberPlan,
  type Renumbered,
} from '@gleddo/core';
import { App, Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { useBookStore } from '../open-book/open-book';
import { useOtherCompanies } from '../open-book/use-other-companies';
import { useKept } from '../../platform/kept/use-kept';
import { PlanEditor } from './PlanEditor';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';
import { BY_LABEL } from '../../platform/figures/by-label';
import styles from './numbers.module.css';

const OFF = 'off';
const OWN = 'own';

const OFFERED = [
  ...SHIPPED_PLANS.map(({ id, name }) => ({ value: id, label: name })),
  { value: OWN, label: 'A plan of your own' },
  { value: OFF, label: 'Without numbers' },
];

export const renumberOperation = (numbers: readonly Renumbered[], numberPlan: NumberPlan | null) =>
  ({
    kind: 'renumber-all',
    numbers: numbers.map(({ id, number }) => ({ id, number })),
    numberPlan,
  }) as const;

interface RenumberProps {
  readonly book: Book;
  readonly bookId: string;
  /** The plan chosen for the whole chart: a shipped one, one's own, none; null: nothing is chosen. */
  readonly choice: string | null;
  onChoose(choice: string | null): void;
}

/** Another plan for a whole chart, or none: shown with old and new numbers, done in one step. */
export function Renumber({ book, bookId, choice, onChoose }: RenumberProps) {
  const [own, setOwn] = useKept<NumberPlan>(`plan.${bookId}`, {
    ...(book.numberPlan ?? (SHIPPED_PLANS[0] as NumberPlan)),
    id: OWN,
    name: 'A plan of our own',
  });
  const { message } = App.useApp();
  const others = useOtherCompanies(bookId);
  const plan = choice === OWN ? own : choice === null ? null : shippedPlan(choice);
  const choose = (value: string) => {
    if (!others.options.some((each) => each.value === value)) return onChoose(value);
    void others.take(value, ({ numberPlan, company }) => {
      if (!numberPlan)
        return void message.info(
          `${company.name} works without numbers; it has no plan to take over.`,
        );
      setOwn({ ...numberPlan, id: OWN });
      onChoose(OWN);
    });
  };
  return (
    <>
      <div className={styles['row']}>
        <Select
          aria-label="Another number plan"
          placeholder="Another plan for the whole chart"
          showSearch={BY_LABEL}
          style={{ width: '15rem' }}
          value={choice}
          options={[...OFFERED, { label: 'The plan of another company', options: others.options }]}
          onChange={choose}
        />
      </div>
      {choice === OWN && <PlanEditor book={book} plan={own} onChange={setOwn} />}
      {choice !== null && (
        <Preview key={choice} book={book} plan={plan} onDone={() => onChoose(null)} />
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
  if (!result.ok) return <Refusal says={result.refusals[0]?.says} />;
  const renumber = () => {
    const { refusals } = store.change(renumberOperation(result.value, plan));
    if (refusals.length > 0) setRefused(refusals[0]?.says ?? '');
    else onDone();
  };
  return (
    <>
      <OldAndNew book={book} numbers={result.value} />
      <Refusal says={refused} />
      <div className="slip-actions">
        <Button onClick={onDone}>Leave it as it is</Button>
        <Button type="primary" className="last" onClick={renumber}>
          {plan ? `Renumber ${counted(result.value.length, 'account')}` : 'Take the numbers off'}
        </Button>
      </div>
    </>
  );
}

function OldAndNew({ book, numbers }: { book: Book; numbers: readonly Renumbered[] }) {
  return (
    <div className="understood" role="region" aria-label="Row by row" tabIndex={0}>
      <table className="lines-table">
        <TableHead names={['Account']} figures={['before', 'after']} />
        <tbody>
          {numbers.map(({ id, old, number }) => {
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
  );
}
