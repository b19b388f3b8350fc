import type { Giving } from '@gleddo/contract';
import type { ToldPart } from '@gleddo/core';
import { Checkbox, Modal, Select } from 'antd';
import { useState } from 'react';

type Shown = Exclude<keyof Giving, 'tells'>;

const PARTS: readonly (readonly [Shown, string, string])[] = [
  ['marks', 'The marks', 'Points, in all and for each note.'],
  ['notes', 'The notes', 'What was found, and what you wrote.'],
  ['key', 'The key beside their work', 'Think of those who have not handed in yet.'],
  ['copy', 'Putting it right in a copy', 'Checked at once; it changes no marks.'],
];

const NEEDS_NOTES: ReadonlySet<Shown> = new Set(['copy']);

const KIND_ALONE = 'kind';
const TELLS: readonly { readonly value: ToldPart | typeof KIND_ALONE; readonly label: string }[] = [
  { value: KIND_ALONE, label: 'only what kind of fault it is' },
  { value: 'there', label: 'what is there' },
  { value: 'belongs', label: '… and what belongs there' },
  { value: 'why', label: '… and why' },
  { value: 'now', label: '… and what to do now' },
];

interface GiveBackDialogProps {
  readonly title: string;
  readonly okText: string;
  readonly shows: Giving;
  /** What is not given back with the others, and why; null: nothing. */
  readonly leftOut?: string | null;
  onGive(shows: Giving): void;
  onClose(): void;
}

/** Before works are given back: what their students get to see. */
export function GiveBackDialog(props: GiveBackDialogProps) {
  const { title, okText, shows, leftOut = null, onGive, onClose } = props;
  const [chosen, setChosen] = useState(shows);
  return (
    <Modal
      open
      title={title}
      okText={okText}
      cancelText="Not yet"
      onOk={() => onGive(chosen)}
      onCancel={onClose}
    >
      {leftOut !== null && <p className="notice">{leftOut}</p>}
      <p>What is shown:</p>
      {PARTS.map(([part, name, says]) => (
        <div key={part} style={{ padding: '3px 0' }}>
          <Checkbox
            checked={chosen[part] && (chosen.notes || !NEEDS_NOTES.has(part))}
            disabled={NEEDS_NOTES.has(part) && !chosen.notes}
            onChange={({ target }) => setChosen({ ...chosen, [part]: target.checked })}
          >
            {name} <span className="quiet">{says}</span>
          </Checkbox>
        </div>
      ))}
      <HowFarTold shows={chosen} onShows={setChosen} />
      <p className="quiet">
        Nothing changes these marks by itself any more; a work can be taken back as long as its
        student has not looked at it.
      </p>
    </Modal>
  );
}

interface HowFarToldProps {
  readonly shows: Giving;
  onShows(shows: Giving): void;
}

function HowFarTold({ shows, onShows }: HowFarToldProps) {
  return (
    <label style={{ display: 'block', padding: '6px 0' }}>
      Each note tells{' '}
      <Select
        aria-label="Each note tells"
        style={{ width: '15rem' }}
        disabled={!shows.notes}
        value={shows.tells ?? KIND_ALONE}
        options={[...TELLS]}
        onChange={(tells) =>
          onShows({ ...shows, tells: tells === KIND_ALONE ? null : (tells as ToldPart) })
        }
      />
    </label>
  );
}
