import type { Marked } from '@gleddo/contract';
import { Suspense } from 'react';
import { WritesDays } from '../../platform/figures/WritesDays';
import { lazyView } from '../../platform/shell/lazy-view';
import type { BesideProps } from '../beside/beside-props';
import type { MarkedView } from '../marks/MarkedBar';
import { MarkedSpread, type MarkedSpreadProps } from '../marks/MarkedSpread';
import type { WhatIfProps } from '../what-if/WhatIf';

const { View: WhatIf } = lazyView<WhatIfProps>(
  async () => (await import('../what-if/WhatIf')).WhatIf,
);
const { View: Openings } = lazyView<BesideProps>(
  async () => (await import('../beside/OpeningsBeside')).OpeningsBeside,
);
const { View: Journal } = lazyView<BesideProps>(
  async () => (await import('../beside/JournalBeside')).JournalBeside,
);

interface MarkedPagesProps extends Omit<MarkedSpreadProps, 'shown' | 'onlyDiffering' | 'key_'> {
  readonly marked: Marked;
  readonly keyBook: BesideProps['keyBook'];
  readonly view: MarkedView;
  /** Shows what a note is about on both pages. */
  onNote(note: number): void;
}

/** The part of a marked work that lies open, its days as the company writes them. */
export const MarkedPages = (props: MarkedPagesProps) => (
  <WritesDays company={props.work.company}>
    <OpenPart {...props} />
  </WritesDays>
);

function OpenPart({ marked, keyBook, view, onNote, ...pages }: MarkedPagesProps) {
  const { rows, work, money, active } = pages;
  const { part, shown, onlyDiffering } = view;
  if (part === 'statements')
    return <MarkedSpread {...pages} {...{ shown, onlyDiffering }} key_={keyBook} />;
  const { faults } = rows.margin;
  const beside = { keyBook, work, pairs: marked.pairs, faults, money, onlyDiffering, active };
  return (
    <Suspense fallback={<section className="page" aria-busy="true" />}>
      {part === 'what-if' && <WhatIf {...{ marked, keyBook, onNote }} margin={rows.margin} />}
      {part === 'opening' && <Openings {...beside} />}
      {part === 'journal' && <Journal {...beside} />}
    </Suspense>
  );
}
