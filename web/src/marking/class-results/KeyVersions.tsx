import { useQuery } from '@tanstack/react-query';
import { Modal } from 'antd';
import { useState } from 'react';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';
import { Refusal } from '../../platform/shell/Refusal';

/** Which version of the key it is today; on request what each version changed. */
export function KeyVersions({ id, version }: { id: string; version: number }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="link-button" onClick={() => setOpen(true)}>
        Key, version {version}
      </button>
      <Modal
        open={open}
        title="What each version of the key changed"
        footer={null}
        onCancel={() => setOpen(false)}
      >
        {open && <Versions id={id} />}
      </Modal>
    </>
  );
}

function Versions({ id }: { id: string }) {
  const versions = useQuery({
    queryKey: ['key-versions', id],
    queryFn: () => get(`exercises/${id}/key-versions`),
    staleTime: 0,
  });
  return (
    <>
      <Refusal of={versions} />
      {versions.data?.map(({ version, at, works, changes }) => (
        <section key={version}>
          <h3>
            Version {version}{' '}
            <span className="quiet">
              {momentText(at)} · {works === 0 ? 'no work' : counted(works, 'work')} marked by it
            </span>
          </h3>
          <ul>
            {changes.map((each, i) => (
              <li key={i}>{each}</li>
            ))}
            {changes.length === 0 && (
              <li className="quiet">
                {version === 1 ? 'As it was made.' : 'The starting point changed.'}
              </li>
            )}
          </ul>
        </section>
      ))}
    </>
  );
}
