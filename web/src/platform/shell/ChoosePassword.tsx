import type { LinkShown, Me } from '@gleddo/contract';
import { useState, type FormEvent, type ReactNode } from 'react';
import { PasswordField } from './PlainField';
import { Refusal } from './Refusal';
import { useEnter } from './use-enter';
import plainStyles from './plain.module.css';

interface ChoosePasswordProps {
  readonly whose: LinkShown;
  /** Answers who comes in with it. */
  choose(password: string): Promise<Me>;
  /** What stands under it. */
  readonly besides?: ReactNode;
}

/** Somebody chooses a password of their own, and is in. */
export function ChoosePassword({ whose, choose, besides }: ChoosePasswordProps) {
  const [password, setPassword] = useState('');
  const enter = useEnter(() => choose(password));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    enter.mutate(undefined);
  };
  return (
    <form className="narrow" onSubmit={submit}>
      <h2>Welcome, {whose.name}</h2>
      <p>
        You sign in as <strong>{whose.login}</strong>. Choose a password: nobody else is told it.
      </p>
      <div className="field">
        <PasswordField
          id="password"
          label="Password, 10 characters or more"
          autoComplete="new-password"
          value={password}
          onType={setPassword}
        />
        <Refusal of={enter} />
      </div>
      <button
        type="submit"
        className={`${plainStyles['button']} is-primary`}
        disabled={enter.isPending}
      >
        Come in
      </button>
      {besides}
    </form>
  );
}
