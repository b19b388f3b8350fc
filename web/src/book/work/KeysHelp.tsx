import { Modal } from 'antd';
import { Suspense, useState } from 'react';
import { useSingleKey } from '../../platform/keyboard/single-keys';
import { lazyView } from '../../platform/shell/lazy-view';

const KEYS = lazyView(() => import('./KeysTable').then((m) => m.KeysTable));

/** `?` shows what the keys do; the button does the same. */
export function KeysHelp() {
  const [open, setOpen] = useState(false);
  useSingleKey('?', () => setOpen(true));
  return (
    <>
      <button type="button" className="link-button quiet of-keys" onClick={() => setOpen(true)}>
        Shortcuts
      </button>
      <Modal
        title="Shortcuts"
        open={open}
        onCancel={() => setOpen(false)}
        footer={null}
        width={560}
      >
        <Suspense>
          <KEYS.View />
        </Suspense>
      </Modal>
    </>
  );
}
