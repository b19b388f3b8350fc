import type { Result } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { useKept } from '../../platform/kept/use-kept';
import { readChosen, type Cells } from './use-table-file';

interface Pasted {
  /** Under which name what is pasted is kept through a refresh. */
  readonly name: string;
  /** What to say of a file that is a whole book. */
  readonly ofBook: string;
  read(text: string): Result<Cells>;
}

/** What was pasted or chosen as a table, as cells; or why it can't be read. What comes last counts. */
export function usePastedCells({ name, ofBook, read }: Pasted) {
  const [text, setText, clear] = useKept(name, '');
  const [chosen, setChosen] = useState<Cells | null>(null);
  const [refused, setRefused] = useState<readonly string[]>([]);
  const pasted = useMemo(() => (text.trim() === '' ? null : read(text)), [text, read]);
  const choose = async (file: File): Promise<void> => {
    const found = await readChosen(file);
    setChosen(found.kind === 'cells' ? found.cells : null);
    setRefused(found.kind === 'refused' ? found.says : found.kind === 'book' ? [ofBook] : []);
  };
  const letGo = () => {
    setChosen(null);
    setRefused([]);
  };
  return {
    ...{ text, choose },
    cells: chosen ?? (pasted?.ok ? pasted.value : null),
    says: pasted && !pasted.ok ? pasted.refusals.map((each) => each.says) : refused,
    type(typed: string) {
      letGo();
      setText(typed);
    },
    forget() {
      letGo();
      clear();
    },
  };
}
