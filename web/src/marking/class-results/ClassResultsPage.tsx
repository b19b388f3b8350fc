import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { mayAtLeast, type ClassResults, type ClassRow, type Giving } from '@gleddo/contract';
import { cellsToCsv, marksToTable, spreadOf } from '@gleddo/core';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { get, post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { SheetsOnRequest } from '../../book/handouts/SheetsOnRequest';
import { Asking } from '../../platform/shell/Asking';
import { ButtonLink } from '../../platform/shell/ButtonLink';
import { Refusal } from '../../platform/shell/Refusal';
import { AtWorkView } from '../at-work/AtWorkView';
import { ChooseGroup } from './ByGroup';
import { percentOf } from '../marks/percent';
import { ByCheck } from './ByCheck';
import { ByStudent } from './ByStudent';
import { CheckingBar } from './CheckingBar';
import { ClassMarkSheets } from './ClassMarkSheets';
import { CopiedFigures } from './CopiedFigures';
import { WorksAlike } from './WorksAlike';
import { GiveBackDialog } from './GiveBackDialog';
import { Matrix } from './Matrix';
import { KeyVersions } from './KeyVersions';
import { classPaper } from './mark-paper';
import { MissedMost } from './MissedMost';
import { Placements } from './Placements';
import { asItCounts } from '../marks/work-states';
import { PreviewDialog } from '../preview/PreviewDialog';
import { ClassByClass } from './ClassByClass';
import { UnknownNames } from './UnknownNames';
import styles from './class-results.module.css';

const LOOK_EVERY = 1_000;

/** Whether something of the class is still being checked, so that it is worth looking again. */
const isUnderWay = (results: ClassResults | undefined): boolean =>
  results !== undefined &&
  (results.checking !== null || results.rows.some((row) => row.checked === 'waiting'));

const VIEWS = [
  ['', 'Whole class'],
  ['now', 'At work now'],
  ['student', 'By student'],
  ['check', 'By check'],
  ['class', 'Class by class'],
] as const;

/** What the whole class did with an exercise. */
export default function ClassResultsPage() {
  const { id = '' } = useParams();
  const [params] = useSearchParams();
  const by = params.get('by') ?? '';
  // Classes are laid beside each other whole.
  const group = by === 'class' ? null : params.get('group');
  const results = useQuery({
    queryKey: group === null ? ['results', id] : ['results', id, group],
    queryFn: () => get(`exercises/${id}/results`, { group }),
    placeholderData: keepPreviousData,
    staleTime: 0,
    refetchInterval: ({ state }) => (isUnderWay(state.data) ? LOOK_EVERY : false),
  });
  if (!results.data) return <Asking of={results} what="The results" />;
  return (
    <>
      <ResultsHead results={results.data} by={by} />
      <CheckingBar results={results.data} />
      <Counts results={results.data} by={by} />
      <main className="desk" tabIndex={by === 'check' ? 0 : undefined}>
        {by === 'now' ? (
          <AtWorkView exerciseId={id} group={group} />
        ) : by === 'student' ? (
          <ByStudent results={results.data} />
        ) : by === 'check' ? (
          <ByCheck results={results.data} />
        ) : by === 'class' ? (
          <ClassByClass results={results.data} />
        ) : (
          <WholeClass results={results.data} />
        )}
      </main>
    </>
  );
}

function WholeClass({ results }: { results: ClassResults }) {
  return (
    <div className={styles['columns']}>
      <Matrix results={results} />
      <div>
        {results.unknownNames.length > 0 && mayAtLeast(results.may, 'mark') && (
          <UnknownNames results={results} />
        )}
        <Placements results={results} />
        <MissedMost results={results} />
        <CopiedFigures exerciseId={results.exerciseId} />
        <WorksAlike
          exerciseId={results.exerciseId}
          checked={results.rows.filter(({ points }) => points !== null).length}
          isChecking={results.checking !== null}
        />
      </div>
    </div>
  );
}

interface ClassChange {
  readonly what: 'check-again' | 'give-back';
  /** Works given back that are checked again, too. */
  readonly givenBack?: readonly string[];
  /** What is shown of works that are given back. */
  readonly shows?: Giving;
  /** The class group whose works are given back; absent: all. */
  readonly groupId?: string;
}

function useClassChange(id: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ what, ...body }: ClassChange) => post(`exercises/${id}/${what}`, body),
    onSuccess: (results) => {
      queries.setQueryData(['results', id], results);
      void queries.invalidateQueries({ queryKey: ['results', id] });
      void queries.invalidateQueries({ queryKey: ['marked'] });
      void queries.invalidateQueries({ queryKey: ['exercises'] });
    },
  });
}

/** A view of the results, of the class group that was chosen. */
function viewAddress(id: string, by: string, group: string | null): string {
  const params = new URLSearchParams({ ...(by && { by }), ...(group && { group }) });
  return params.size === 0 ? `/results/${id}` : `/results/${id}?${params}`;
}

function ResultsHead({ results, by }: { results: ClassResults; by: string }) {
  const [params] = useSearchParams();
  const { exerciseId: id, title } = results;
  return (
    <div className="sheet-head">
      <h1>{title}</h1>
      <nav className="tabs" aria-label="How the results are shown">
        {VIEWS.map(([value, name]) => (
          <Link
            key={value}
            to={viewAddress(id, value, params.get('group'))}
            className={value === by ? 'active' : ''}
            aria-current={value === by ? 'page' : undefined}
          >
            {name}
          </Link>
        ))}
        {results.groups[0] && <Link to={`/groups/${results.groups[0].id}/mix-ups`}>Mix-ups</Link>}
      </nav>
      <ClassActions results={results} />
    </div>
  );
}

function ClassActions({ results }: { results: ClassResults }) {
  const { exerciseId: id, title, may } = results;
  const isMarked = mayAtLeast(may, 'mark');
  const change = useClassChange(id);
  const waiting = results.rows.filter(
    (row) => row.state === 'handed-in' && row.checked !== 'waiting' && row.points !== null,
  );
  return (
    <div className="actions">
      <Refusal of={change} />
      {!results.checkedWithToday && results.checking === null && (
        <span className="is-notice">The key has changed since these were checked.</span>
      )}
      {isMarked && (
        <>
          <ButtonLink to={`/results/${id}/files`}>Work from files</ButtonLink>
          <CheckAgain id={id} change={change} />
        </>
      )}
      <SheetsOnRequest
        label="Export marks"
        name={`${title} marks`}
        make={() => classPaper(results)}
        csv={() => marksCsv(results)}
      >
        <ClassMarkSheets results={results} />
      </SheetsOnRequest>
      {isMarked && <GiveAllBack waiting={waiting} shows={results.shows} change={change} />}
    </div>
  );
}

/** Works that colleagues have open just now are not given back with the others. */
function leftOutSaid(waiting: readonly ClassRow[]): string | null {
  const held = waiting.flatMap(({ heldBy }) => heldBy ?? []);
  if (held.length === 0) return null;
  const who = [...new Set(held)];
  const works = counted(held.length, 'work');
  return `${works} that ${who.join(', ')} ${who.length === 1 ? 'has' : 'have'} open just now ${held.length === 1 ? 'is' : 'are'} left out.`;
}

interface GiveAllBackProps {
  readonly waiting: readonly ClassRow[];
  readonly shows: Giving;
  readonly change: ReturnType<typeof useClassChange>;
}

function GiveAllBack({ waiting, shows, change }: GiveAllBackProps) {
  const [asks, setAsks] = useState(false);
  const [params] = useSearchParams();
  const groupId = params.get('group');
  const free = waiting.filter(({ heldBy }) => heldBy === null).length;
  return (
    <>
      <Button type="primary" disabled={free === 0} onClick={() => setAsks(true)}>
        Give all back
      </Button>
      {asks && (
        <GiveBackDialog
          title={`Give ${counted(free, 'work')} back?`}
          leftOut={leftOutSaid(waiting)}
          okText="Give them back"
          shows={shows}
          onGive={(chosen) => {
            const ofGroup = groupId === null ? {} : { groupId };
            change.mutate({ what: 'give-back', shows: chosen, ...ofGroup });
            setAsks(false);
          }}
          onClose={() => setAsks(false)}
        />
      )}
    </>
  );
}

/** Checks all again, once what that does to everybody’s marks was seen. */
function CheckAgain({ id, change }: { id: string; change: ReturnType<typeof useClassChange> }) {
  const [asks, setAsks] = useState(false);
  return (
    <>
      <Button loading={change.isPending} onClick={() => setAsks(true)}>
        Check again
      </Button>
      {asks && (
        <PreviewDialog
          title="Check again with today’s key?"
          says="Every work was checked with the key and the points as they are today:"
          okText="Check again"
          name={['today', id]}
          ask={() => get(`exercises/${id}/check-again/preview`)}
          onKeep={(givenBack) => {
            change.mutate({ what: 'check-again', givenBack });
            setAsks(false);
          }}
          onClose={() => setAsks(false)}
        />
      )}
    </>
  );
}

const marksCsv = ({ exerciseId, rows }: ClassResults): string =>
  cellsToCsv(
    marksToTable(
      exerciseId,
      rows.map(asItCounts).map(({ handedInOn, ...row }) => ({ ...row, day: handedInOn })),
    ),
  );

function Counts({ results, by }: { results: ClassResults; by: string }) {
  const { inClass, handedIn, working, notStarted } = results.counts;
  const shares = results.rows.flatMap((row) =>
    row.points !== null && row.of ? [row.points / row.of] : [],
  );
  const spread = spreadOf(shares);
  const figures = [
    [inClass, 'in the class'],
    [handedIn, 'handed in'],
    [working, 'still working'],
    [notStarted, 'not started'],
  ] as const;
  return (
    <div className={styles['counts']}>
      {figures.map(([n, says]) => (
        <span key={says}>
          <strong>{n}</strong> {says}
        </span>
      ))}
      {by !== 'class' && <ChooseGroup groups={results.groups} />}
      <KeyVersions id={results.exerciseId} version={results.keyVersion} />
      {spread && (
        <span className="end">
          <strong>{percentOf(spread.middle)}</strong> median ·{' '}
          <strong>
            {percentOf(spread.low)}–{percentOf(spread.high)}
          </strong>{' '}
          range
        </span>
      )}
    </div>
  );
}
