import { Modal, Segmented } from 'antd';
import { useState } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { FromOtherCompany } from './FromOtherCompany';
import { FromTable } from './FromTable';
import type { TakingEnds } from './Going';
import type { Beside } from './use-sheet-beside';

const WAYS = [
  { value: 'table', label: 'A table' },
  { value: 'company', label: 'Another company’s closing balances' },
] as const;

/** Opening balances taken over from a table or from another company, row by row, before anything changes. */
export function TakeOpenings({ lay }: Pick<Beside, 'lay'>) {
  const { answer } = useOpenBook();
  const [isOpen, setOpen] = useState(false);
  const close = () => setOpen(false);
  const ends: TakingEnds = {
    onDone: close,
    onBeside(source) {
      lay(source);
      close();
    },
  };
  if (!answer.mayChange) return null;
  return (
    <>
      <button
        type="button"
        className="link-button"
        style={{ color: 'var(--plum)', marginInlineEnd: '0.875rem' }}
        onClick={() => setOpen(true)}
      >
        Take balances from elsewhere
      </button>
      <Modal
        title="Opening balances from elsewhere"
        open={isOpen}
        onCancel={close}
        footer={null}
        width={860}
        style={{ top: 32 }}
        destroyOnHidden
      >
        <FromElsewhere ends={ends} />
      </Modal>
    </>
  );
}

function FromElsewhere({ ends }: { readonly ends: TakingEnds }) {
  const { answer } = useOpenBook();
  const [way, setWay] = useState<(typeof WAYS)[number]['value']>('table');
  return (
    <>
      {answer.by === 'author' && (
        <Segmented
          aria-label="From where"
          value={way}
          options={[...WAYS]}
          onChange={setWay}
          style={{ marginBottom: '0.625rem' }}
        />
      )}
      {way === 'table' ? <FromTable ends={ends} /> : <FromOtherCompany ends={ends} />}
    </>
  );
}
