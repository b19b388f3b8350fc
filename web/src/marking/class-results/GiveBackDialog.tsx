import type { Giving } from '@gleddo/contract';
import { Checkbox, Modal } from 'antd';
import { useState } from 'react';

const PARTS: readonly (readonly [keyof Giving, string, string])[] = [
  ['marks', 'The marks', 'Points, in all and for each note.'],
  ['notes', 'The notes', 'What was found, and what you wrote.'],
  ['ways', 'How each fault is put right', 'Otherwise only what kind of fault it is.'],
  ['key', 'The key beside their work', 'Think of those who have not handed in yet.'],
  ['copy', 'Putting it right in a copy', 'Checked at once; it changes no marks.'],
];

const NEEDS_NOTES: ReadonlySet<keyof Giving> = new Set(['ways', 'copy']);

interface GiveBackDialogProps {
  readonly title: string;
  readonly okText: string;
  readonly shows: Giving;
  onGive(shows: Giving): void;
  onClose(): void;
}

/** Before works are given back: what their students get to see. */
export function GiveBackDialog({ title, okText, shows, onGive, onClose }: GiveBackDialogProps) {
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
      <p className="quiet">
        Nothing changes these marks by itself any more; a work can be taken back as long as its
        student has not looked at it.
      </p>
    </Modal>
  );
}
