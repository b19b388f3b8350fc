import { Button, Modal } from 'antd';
import { useState } from 'react';
import howTo from '../../../../docs/number-plans.md?raw';
import { Brief } from '../words/Brief';

const [, ...PARTS] = howTo.split('\n');

/** The page on how to choose a number plan, where one is chosen. */
export function HowToChoose() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button size="small" onClick={() => setOpen(true)}>
        How to choose a number plan
      </Button>
      <Modal
        title="How to choose a number plan"
        open={open}
        width={820}
        footer={null}
        onCancel={() => setOpen(false)}
      >
        <Brief text={PARTS.join('\n')} />
      </Modal>
    </>
  );
}
