import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { SecondFactorOffered } from '@gleddo/contract';
import { Button, Input, QRCode } from 'antd';
import { useState, type FormEvent } from 'react';
import { get, post } from '../../platform/api/client';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';

const KEY = ['own-sign-in'];

/** Six digits of a second device, asked for at signing in: for those who mark. */
export function SecondFactor() {
  const own = useQuery({ queryKey: KEY, queryFn: () => get('me/sign-in') });
  const offer = useMutation({
    mutationFn: () => post('me/second-factor/offer'),
  });
  if (!own.data) return <Asking of={own} what="Your sign-in" />;
  const { hasSecondFactor } = own.data;
  return (
    <section className="paper" aria-label="A second device">
      <h2>A second device</h2>
      <p className="quiet">
        {hasSecondFactor
          ? 'At signing in you are asked for the six digits that your device shows, too.'
          : 'Who learns your password still can’t come in: at signing in, six digits that your phone shows are asked for, too.'}
      </p>
      {hasSecondFactor && <TurnOff />}
      {!hasSecondFactor && !offer.data && (
        <Button loading={offer.isPending} onClick={() => offer.mutate()}>
          Set one up
        </Button>
      )}
      {!hasSecondFactor && offer.data && <TurnOn offered={offer.data} />}
      <Refusal of={offer} />
    </section>
  );
}

function TurnOn({ offered: { secret, address } }: { offered: SecondFactorOffered }) {
  const [code, setCode] = useState('');
  const { password, field, form, change } = usePasswordForm((typed) =>
    post('me/second-factor', { secret, code, password: typed }),
  );
  return (
    <form onSubmit={form}>
      <p>
        1. Scan this with the program on your phone that shows codes, or type the letters into it.
      </p>
      <div aria-hidden="true">
        <QRCode value={address} size={148} bordered={false} />
      </div>
      <p>
        <code>{secret.match(/.{4}/g)?.join(' ')}</code>
      </p>
      <div className="field">
        <label htmlFor="second-code">2. The six digits that it shows now</label>
        <Input
          id="second-code"
          inputMode="numeric"
          autoComplete="one-time-code"
          value={code}
          onChange={(event) => setCode(event.target.value)}
        />
        {field}
      </div>
      <Refusal of={change} />
      <Button
        type="primary"
        htmlType="submit"
        disabled={code.trim() === '' || password === ''}
        loading={change.isPending}
      >
        Ask for it from now on
      </Button>
    </form>
  );
}

function TurnOff() {
  const { password, field, form, change } = usePasswordForm((typed) =>
    post('me/second-factor/off', { password: typed }),
  );
  return (
    <form onSubmit={form}>
      <div className="field">{field}</div>
      <Refusal of={change} />
      <Button htmlType="submit" disabled={password === ''} loading={change.isPending}>
        No longer ask for it
      </Button>
    </form>
  );
}

/** A form that a password goes with. */
function usePasswordForm(send: (password: string) => Promise<undefined>) {
  const [password, setPassword] = useState('');
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: () => send(password),
    onSuccess: () => queries.invalidateQueries({ queryKey: KEY }),
  });
  const form = (event: FormEvent) => {
    event.preventDefault();
    change.mutate();
  };
  const field = (
    <>
      <label htmlFor="second-password">Your password</label>
      <Input.Password
        id="second-password"
        autoComplete="current-password"
        value={password}
        onChange={(event) => setPassword(event.target.value)}
      />
    </>
  );
  return { password, field, form, change };
}
