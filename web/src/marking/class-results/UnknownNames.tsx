import type { AcceptRequest, ClassResults, RightName, UnknownNameShown } from '@gleddo/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import { PreviewDialog } from '../preview/PreviewDialog';
import styles from './class-results.module.css';

const SAYS =
  'Whether these names will do, the program can’t tell. They cost nothing unless you say that one is wrong; your answer holds for this exercise from now on.';

const saysElse = ({ account, name }: UnknownNameShown): AcceptRequest => ({
  ...{ account, what: 'other-name', value: name },
});

/** Says of names that they are right, or of one that it says something else; the class is shown anew. */
function useAnswer(exerciseId: string) {
  const queries = useQueryClient();
  const onSettled = () => {
    void queries.invalidateQueries({ queryKey: ['results', exerciseId] });
    void queries.invalidateQueries({ queryKey: ['marked'] });
  };
  return useMutation({ mutationFn: (ask: () => Promise<unknown>) => ask(), onSettled });
}

const named = ({ account, name }: UnknownNameShown): RightName => ({ account, name });

const firstWork = ({ works }: UnknownNameShown): string => works[0]?.tryId ?? '';

/** Names that the program does not know, once for the whole class, each answered with one click. */
export function UnknownNames({ results }: { results: ClassResults }) {
  const { unknownNames: names, exerciseId } = results;
  const [wrong, setWrong] = useState<UnknownNameShown | null>(null);
  const answer = useAnswer(exerciseId);
  const right = (of: readonly UnknownNameShown[]) =>
    answer.mutate(() => post(`exercises/${exerciseId}/right-names`, { names: of.map(named) }));
  return (
    <section className="paper" aria-label="Names to be looked at">
      <div className={styles['head']}>
        <h2>{counted(names.length, 'name')} to be looked at</h2>
        {names.length > 1 && (
          <Button size="small" loading={answer.isPending} onClick={() => right(names)}>
            All of them are right
          </Button>
        )}
      </div>
      <p className="quiet">{SAYS}</p>
      <Refusal of={answer} />
      {names.map((each) => (
        <OneName
          key={`${each.account} ${each.name}`}
          of={each}
          isBusy={answer.isPending}
          onRight={() => right([each])}
          onWrong={() => setWrong(each)}
        />
      ))}
      {wrong && (
        <SaysElse
          {...{ exerciseId, wrong }}
          onKeep={(request) => {
            answer.mutate(() => post(`tries/${firstWork(wrong)}/accept`, request));
            setWrong(null);
          }}
          onClose={() => setWrong(null)}
        />
      )}
    </section>
  );
}

interface SaysElseProps {
  readonly exerciseId: string;
  readonly wrong: UnknownNameShown;
  onKeep(request: AcceptRequest): void;
  onClose(): void;
}

/** What it would do to everybody’s marks that a name says something else, before that is kept. */
function SaysElse({ exerciseId, wrong, onKeep, onClose }: SaysElseProps) {
  const request = saysElse(wrong);
  return (
    <PreviewDialog
      title={`Does “${wrong.name}” say something else than “${wrong.called}”?`}
      says="Whoever called it so loses the mark for the name. Every work was checked with it:"
      okText="It says something else"
      name={[exerciseId, wrong.account, wrong.name]}
      ask={() => post(`tries/${firstWork(wrong)}/accept/preview`, request)}
      onKeep={(givenBack) => onKeep({ ...request, givenBack: [...givenBack] })}
      onClose={onClose}
    />
  );
}

interface OneNameProps {
  readonly of: UnknownNameShown;
  readonly isBusy: boolean;
  onRight(): void;
  onWrong(): void;
}

/** Of how many works the students are named. */
const NAMED = 3;

function OneName({ of: { name, called, place, works }, isBusy, onRight, onWrong }: OneNameProps) {
  const more = works.length - NAMED;
  return (
    <div className={styles['unknown']}>
      <span>
        “{name}”{' '}
        <span className="quiet">
          for {called}, {place}
        </span>
        <br />
        <span className="quiet">
          {works.slice(0, NAMED).map(({ tryId, student, balance }, i) => (
            <span key={tryId}>
              {i > 0 && ', '}
              <Link to={`/marking/${tryId}`}>{student}</Link> {balance}
            </span>
          ))}
          {more > 0 && ` and ${more} more`}
        </span>
      </span>
      <Button size="small" disabled={isBusy} onClick={onRight} aria-label={`“${name}” is right`}>
        Right
      </Button>
      <Button size="small" disabled={isBusy} onClick={onWrong} aria-label={`“${name}” is wrong`}>
        Wrong
      </Button>
    </div>
  );
}
