import { EXERCISE_PARTS, partSays, type Named, type Overtaken } from '@gleddo/core';
import { Button } from 'antd';
import { KeepRow } from './KeepRow';
import type { Parts } from './use-parts';

interface KeepPartsProps {
  readonly label: string;
  readonly of: Parts;
  /** How people call an account or an entry. */
  readonly named?: Named;
}

/** The foot of a page of an exercise: its one button, why it was refused, and what was changed elsewhere since. */
export function KeepParts({ label, of, named = (id) => id }: KeepPartsProps) {
  const { overtaken, isChanged, save, onSave, settle } = of;
  return (
    <>
      {overtaken.map((each) => (
        <Which key={each.change.at} of={each} named={named} settle={settle} />
      ))}
      <KeepRow
        label={label}
        changed={isChanged && overtaken.length === 0}
        of={overtaken.length > 0 ? { ...save, error: null } : save}
        onKeep={onSave}
      >
        <span className="saved">{isChanged ? 'Not saved yet' : 'Saved'}</span>
      </KeepRow>
    </>
  );
}

interface WhichProps extends Pick<Parts, 'settle'> {
  readonly of: Overtaken;
  readonly named: Named;
}

/** One part that was changed here and elsewhere: somebody says which stands. */
function Which({ of, named, settle }: WhichProps) {
  const { change, is } = of;
  const what = partSays(EXERCISE_PARTS, { at: change.at, json: is ?? change.was, named });
  return (
    <div className="notice" role="status">
      <p>
        Somebody has changed {what} since you began{is === undefined ? ': it was taken out' : ''}.
        It stands here as it is now.
      </p>
      <Button size="small" onClick={() => settle(of, 'theirs')}>
        Leave it so
      </Button>{' '}
      <Button size="small" onClick={() => settle(of, 'mine')}>
        Put mine in its place
      </Button>
    </div>
  );
}
