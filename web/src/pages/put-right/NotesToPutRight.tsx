import { Hints } from './Hints';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { CorrectedCheck, MyTryDetail } from '@gleddo/contract';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { post } from '../../platform/api/client';
import { useOpenBook } from '../../book/open-book/open-book';
import { counted } from '../../platform/figures/counted';
import { QuestionHere } from '../../exercise/guide/QuestionHere';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './put-right.module.css';
import { placeOf, walkOf, type WalkNote } from './walk';

interface NotesToPutRightProps {
  readonly mine: MyTryDetail;
  readonly base: string;
}

/** The copy is checked anew as soon as a change of it has been saved. */
function useChecked(exerciseId: string) {
  const { revision, saving } = useOpenBook();
  return useQuery({
    queryKey: ['copy-check', exerciseId, revision],
    queryFn: () => post(`my-exercises/${exerciseId}/copy/check`),
    enabled: saving === 'saved',
    placeholderData: keepPreviousData,
  });
}

/** The notes one after the other: one lies open, the others are told by what they are. */
export function NotesToPutRight({ mine, base }: NotesToPutRightProps) {
  const checked = useChecked(mine.exerciseId);
  const [chosen, choose] = useState<string | null>(null);
  if (!checked.data)
    return (
      <>
        <h2>What is to be put right</h2>
        <Refusal of={checked} />
      </>
    );
  const notes = walkOf(mine.results ?? [], checked.data);
  const open = notes.filter(({ state }) => state !== 'met');
  const current = notes.find(({ fault }) => fault.ref === chosen) ?? open[0] ?? null;
  return (
    <>
      <Head checked={checked.data} open={open.length} />
      <Refusal of={checked} />
      <ol className={styles['notes']}>
        {notes.map((note) => (
          <NoteRow
            key={note.fault.ref}
            note={note}
            isCurrent={note === current}
            to={`${base}/${placeOf(note.fault, checked.data)}`}
            onChoose={() => choose(note.fault.ref)}
          />
        ))}
      </ol>
      {open.length > 1 && <NextNote {...{ base, open, current, choose }} pairs={checked.data} />}
    </>
  );
}

function Head({ checked: { points, of }, open }: { checked: CorrectedCheck; open: number }) {
  return (
    <div className={styles['head']} aria-live="polite">
      <h2>{open === 0 ? 'All is put right' : `${counted(open, 'note')} to put right`}</h2>
      {points !== null && (
        <span className="quiet">
          As it stands now, it would be <strong>{points}</strong> of {of}
        </span>
      )}
    </div>
  );
}

const CHECKED = ['copy-check'] as const;

const SIGNS = { open: ['×', 'is-missed'], met: ['✓', 'is-met'], new: ['×', 'is-missed'] } as const;

interface NoteRowProps {
  readonly note: WalkNote;
  readonly isCurrent: boolean;
  readonly to: string;
  onChoose(): void;
}

function NoteRow({ note: { fault, state }, isCurrent, to, onChoose }: NoteRowProps) {
  const [sign, look] = SIGNS[state];
  return (
    <li className={isCurrent ? styles['current'] : ''} aria-current={isCurrent || undefined}>
      <button type="button" className="link-button" onClick={onChoose}>
        <span className={look}>{sign}</span> {fault.fault}
        {state === 'met' && <span className="quiet"> · put right</span>}
        {state === 'new' && <span className="quiet"> · new in this copy</span>}
      </button>
      {isCurrent && state !== 'met' && (
        <>
          <Hints key={fault.ref} told={fault.told} />
          {fault.subject.kind === 'question' ? (
            <QuestionHere id={fault.subject.id} described={CHECKED} />
          ) : (
            <Link to={to}>Go there</Link>
          )}
        </>
      )}
    </li>
  );
}

interface NextNoteProps {
  readonly base: string;
  readonly open: readonly WalkNote[];
  readonly current: WalkNote | null;
  readonly pairs: CorrectedCheck;
  choose(ref: string): void;
}

/** The next note that is open, and the place where it is put right. */
function NextNote({ base, open, current, pairs, choose }: NextNoteProps) {
  const navigate = useNavigate();
  const next = open[(open.findIndex((note) => note === current) + 1) % open.length];
  if (!next) return null;
  const go = () => {
    choose(next.fault.ref);
    void navigate(`${base}/${placeOf(next.fault, pairs)}`);
  };
  return <Button onClick={go}>Next note</Button>;
}
