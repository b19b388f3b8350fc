import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Me, StockNote } from '@gleddo/contract';
import { Select } from 'antd';
import { useRef } from 'react';
import { ask, get, post } from '../../platform/api/client';
import { BY_LABEL } from '../../platform/figures/by-label';
import { ShareWith } from '../../platform/sharing/ShareWith';
import { Refusal } from '../../platform/shell/Refusal';
import styles from '../../book/spread/margin.module.css';

const QUERY = ['note-stock'];

interface NoteStockProps {
  readonly typed: Pick<StockNote, 'text' | 'points'>;
  onTake(note: StockNote): void;
}

/** The notes that one writes often: taken from there, put there, thrown out. */
export function NoteStock({ typed, onTake }: NoteStockProps) {
  const queries = useQueryClient();
  const stock = useQuery({ queryKey: QUERY, queryFn: () => get('note-stock') });
  const change = useMutation({
    mutationFn: (made: () => Promise<StockNote[]>) => made(),
    onSuccess: (notes) => queries.setQueryData(QUERY, notes),
  });
  const me = queries.getQueryData<Me>(['me'])?.id;
  const tools = useRef<HTMLDivElement>(null);
  // The button that was pressed goes: what stands around it takes its focus.
  const leave = (id: string, own: string) =>
    change.mutate(() => without(id, own), { onSuccess: () => tools.current?.focus() });
  const notes = stock.data ?? [];
  const text = typed.text.trim();
  const kept = notes.find((note) => note.by === null && note.text === text);
  const keep = () => post('note-stock', { text, points: typed.points });
  const drop = () => ask('DELETE', `note-stock/${kept?.id}`);
  return (
    <div className={styles['tools']} tabIndex={-1} ref={tools}>
      {notes.length > 0 && <TakeNote notes={notes} onTake={onTake} />}
      {text !== '' && (
        <button
          type="button"
          className="link-button"
          onClick={() => change.mutate(kept ? drop : keep)}
        >
          {kept ? 'Take it out of the stock' : 'Keep it in the stock'}
        </button>
      )}
      {me !== undefined && notes.some(({ by }) => by === null) && (
        <ShareWith kind="note-stocks" id={me} name="My stock of notes" isQuiet />
      )}
      {me !== undefined && <Colleagues notes={notes} onLeave={(id) => leave(id, me)} />}
      <Refusal of={change} />
    </div>
  );
}

interface ColleaguesProps {
  readonly notes: readonly StockNote[];
  onLeave(colleague: string): void;
}

/** Whose stocks are shared with one, each once, to be given up. */
function Colleagues({ notes, onLeave }: ColleaguesProps) {
  const all = new Map(notes.flatMap(({ by }) => (by ? [[by.id, by.name] as const] : [])));
  return [...all].map(([id, name]) => (
    <button key={id} type="button" className="link-button" onClick={() => onLeave(id)}>
      No longer {name}’s notes
    </button>
  ));
}

/** Gives up a colleague’s stock; the colleague can share it again. */
async function without(colleague: string, me: string): Promise<StockNote[]> {
  await ask('DELETE', `sharing/note-stocks/${colleague}/${me}`);
  return get('note-stock');
}

interface TakeNoteProps {
  readonly notes: readonly StockNote[];
  onTake(note: StockNote): void;
}

function TakeNote({ notes, onTake }: TakeNoteProps) {
  return (
    <Select
      size="small"
      style={{ flex: '1 1 160px', minWidth: 0 }}
      aria-label="From your stock of notes"
      placeholder="From your stock of notes"
      value={null}
      showSearch={BY_LABEL}
      options={notes.map(({ id, text, by }) => ({
        value: id,
        label: by === null ? text : `${text} (${by.name})`,
      }))}
      onChange={(id: string | null) => {
        const note = notes.find((each) => each.id === id);
        if (note) onTake(note);
      }}
    />
  );
}
