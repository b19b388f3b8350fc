import { Suspense, useState } from 'react';
import type { LazyView } from '../../platform/shell/lazy-view';

interface WhenAskedProps {
  readonly says: string;
  readonly view: LazyView;
}

/** What few need, for who asks for it: fetched when it is opened. */
export function WhenAsked({ says, view: { View, ahead } }: WhenAskedProps) {
  const [open, setOpen] = useState(false);
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary onPointerEnter={ahead}>{says}</summary>
      {open && (
        <Suspense>
          <View />
        </Suspense>
      )}
    </details>
  );
}
