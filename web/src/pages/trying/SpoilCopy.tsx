import type { Planting } from '@gleddo/core';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { Refusal } from '../../platform/shell/Refusal';
import { FaultCounts } from '../making/FaultCounts';
import { FIRST_PLANTING } from '../making/first-planting';
import type { Begin } from './use-trial-run';

/** Plants faults in a copy of the key: its marks, notes and causes are seen before students make such faults. */
export function SpoilCopy({ begin }: { begin: Begin }) {
  const [planting, setPlanting] = useState<Planting | null>(null);
  const plant = () =>
    planting && begin.mutate({ planting }, { onSuccess: () => setPlanting(null) });
  return (
    <>
      <Button disabled={begin.isPending} onClick={() => setPlanting(FIRST_PLANTING)}>
        Spoil a copy
      </Button>
      <Modal
        open={planting !== null}
        title="Spoil a copy of the key"
        width={620}
        okText="Plant them"
        cancelText="Leave it"
        confirmLoading={begin.isPending}
        onOk={plant}
        onCancel={() => setPlanting(null)}
      >
        <p className="quiet">
          Faults are planted in a copy of the finished book, which takes the place of your try.
          Under Marks you see what they cost, what is said of them, and what follows from them.
        </p>
        {planting && <FaultCounts planting={planting} onChange={setPlanting} />}
        <Refusal of={begin} />
      </Modal>
    </>
  );
}
