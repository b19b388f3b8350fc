import { evenlyNumbered, planNotices, type Book, type NumberPlan } from '@gleddo/core';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { HowToChoose } from './HowToChoose';
import { PlanBands } from './PlanBands';
import { Renumber, renumberOperation } from './Renumber';
import schemeStyles from '../scheme/scheme.module.css';
import numbersStyles from './numbers.module.css';

/** The numbers of a book: its plan and how full it is; another plan, or none, in one step. */
export function NumbersCard({ bookId }: { bookId: string }) {
  const { book, answer } = useOpenBook();
  const [choice, choose] = useState<string | null>(null);
  const plan = book.numberPlan;
  return (
    <section className="paper" aria-label="Account numbers">
      <div className={schemeStyles['head']}>
        <h2>Account numbers</h2>
        <HowToChoose />
      </div>
      {plan ? (
        <p className="quiet">
          {plan.name}; a step of {plan.step} between neighbours, of {plan.childStep} for what stands
          under an account.
        </p>
      ) : (
        <p>This book works without numbers; accounts stand in the order in which they are put.</p>
      )}
      {choice === null && plan && <PlanBands book={book} plan={plan} />}
      {choice === null && plan && <PlanSays book={book} plan={plan} />}
      {choice === null && plan && answer.mayChange && <MakeRoom book={book} />}
      {answer.mayChange && (
        <Renumber book={book} bookId={bookId} choice={choice} onChoose={choose} />
      )}
    </section>
  );
}

/** What of the scheme the plan has forgotten; that it leaves numbers to nobody is no harm. */
function PlanSays({ book, plan }: { book: Book; plan: NumberPlan }) {
  const notices = planNotices(plan, book.scheme).filter(({ code }) => code !== 'plan.gap');
  return notices.map(({ says }) => (
    <p key={says} className="notice">
      {says}
    </p>
  ));
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
      refusals[0]?.says ??
        `${counted(result.value.length, 'account has a new number', 'accounts have new numbers')}; Undo takes it back.`,
    );
  };
  return (
    <div className={numbersStyles['row']}>
      <Select
        aria-label="Section to make room in"
        placeholder="Make room in a section"
        style={{ width: '15rem' }}
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
