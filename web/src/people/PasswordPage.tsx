import { useMutation } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { post } from '../api/client';
import { Refusal } from '../shell/Refusal';

/** One's own password, changed by who knows the old one. */
export default function PasswordPage() {
  const [old, setOld] = useState('');
  const [next, setNext] = useState('');
  const change = useMutation({
    mutationFn: () => post('me/password', { old, next }),
    onSuccess: () => {
      setOld('');
      setNext('');
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change.mutate();
  };
  return (
    <>
      <div className="sheet-head">
        <h1>Change my password</h1>
      </div>
      <main className="desk">
        <form className="paper narrow" onSubmit={submit}>
          <div className="field">
            <label htmlFor="old-password">The password you have now</label>
            <Input.Password
              id="old-password"
              autoComplete="current-password"
              value={old}
              onChange={(event) => setOld(event.target.value)}
            />
            <label htmlFor="new-password">The new one, 10 characters or more</label>
            <Input.Password
              id="new-password"
              autoComplete="new-password"
              value={next}
              onChange={(event) => setNext(event.target.value)}
            />
          </div>
          <Refusal of={change} />
          {change.isSuccess && (
            <p className="is-met" role="status">
              ✓ Changed. Wherever else you were signed in, you are signed out now.
            </p>
          )}
          <Button
            type="primary"
            htmlType="submit"
            disabled={old === '' || next === ''}
            loading={change.isPending}
          >
            Change it
          </Button>
        </form>
      </main>
    </>
  );
}
