import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { post } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';

/** One’s own password, changed by who knows the old one. */
export function ChangePassword() {
  const { typed, set, change } = usePasswordChange();
  const { old, next } = typed;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change.mutate();
  };
  return (
    <form className="paper" onSubmit={submit}>
      <h2>Change my password</h2>
      <div className="field">
        <PasswordField name="current" value={old} onChange={(value) => set({ old: value })} />
        <PasswordField name="new" value={next} onChange={(value) => set({ next: value })} />
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
  );
}

const NOTHING = { old: '', next: '' };

function usePasswordChange() {
  const [typed, setTyped] = useState(NOTHING);
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: () => post('me/password', typed),
    onSuccess: () => {
      setTyped(NOTHING);
      void queries.invalidateQueries({ queryKey: ['sessions'] });
    },
  });
  const set = (rest: Partial<typeof NOTHING>) => setTyped({ ...typed, ...rest });
  return { typed, set, change };
}

const LABELS = {
  current: 'The password you have now',
  new: 'The new one, 10 characters or more',
} as const;

interface PasswordFieldProps {
  readonly name: keyof typeof LABELS;
  readonly value: string;
  onChange(value: string): void;
}

function PasswordField({ name, value, onChange }: PasswordFieldProps) {
  return (
    <>
      <label htmlFor={`${name}-password`}>{LABELS[name]}</label>
      <Input.Password
        id={`${name}-password`}
        autoComplete={`${name}-password`}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </>
  );
}
