import type { LeavingKind } from '@gleddo/contract';
import { useState, type ReactNode } from 'react';
import { DeleteDialog, type Heir } from './DeleteDialog';

/** Deletes a thing of a kind once it is said what goes with it; `dialog` stands anywhere on the page. */
export function useDeleting(
  kind: LeavingKind,
  heirsOf: (id: string) => readonly Heir[] = () => [],
): { onDelete(id: string): void; readonly dialog: ReactNode } {
  const [id, setId] = useState<string | null>(null);
  const dialog = id !== null && (
    <DeleteDialog {...{ kind, id, heirs: heirsOf(id) }} onClose={() => setId(null)} />
  );
  return { onDelete: setId, dialog };
}
