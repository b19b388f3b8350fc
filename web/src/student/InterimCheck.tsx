import { useMutation } from '@tanstack/react-query';
import type { InterimCheck as Interim } from '@gleddo/contract';
import { Button, Modal } from 'antd';
import { post } from '../api/client';

/** Where an exercise allows it: what is not right yet, without saying what would be. */
export function InterimCheck({ exerciseId }: { exerciseId: string }) {
  const check = useMutation({
    mutationFn: () => post<Interim>(`my-exercises/${exerciseId}/check`),
  });
  return (
    <>
      <Button loading={check.isPending} onClick={() => check.mutate()}>
        Check so far
      </Button>
      <Modal
        title="So far"
        open={check.isSuccess || check.isError}
        onCancel={check.reset}
        footer={
          <Button type="primary" onClick={check.reset}>
            Go on working
          </Button>
        }
      >
        {check.error && (
          <p className="refusal" role="alert">
            {check.error.message}
          </p>
        )}
        {check.data && <Found found={check.data} />}
      </Modal>
    </>
  );
}

function Found({ found }: { found: Interim }) {
  return (
    <>
      <p className="is-met">✓ {found.met} checks are met.</p>
      {found.notMet.length > 0 && (
        <>
          <p className="is-missed">
            × {found.notMet.length} {found.notMet.length === 1 ? 'is' : 'are'} not met yet:
          </p>
          <ul>
            {found.notMet.map(({ fault, about }, i) => (
              <li key={i}>
                {fault}
                {about !== '' && <span className="quiet"> · {about}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
