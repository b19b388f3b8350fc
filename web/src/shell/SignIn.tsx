import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Me, Welcome } from '@gleddo/contract';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { get, post } from '../api/client';
import { Asking } from './Asking';

const useEnter = (path: string) => {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: unknown) => post<Me>(path, body),
    onSuccess: (me) => queries.setQueryData(['me'], me),
  });
};

/** The door: sign in, or (in the demo) come in as one of its people, or become the first instructor. */
export function SignIn() {
  const welcome = useQuery({ queryKey: ['welcome'], queryFn: () => get<Welcome>('welcome') });
  return (
    <div className="sign-in">
      <section className="cover">
        <h1>
          Gleddo<span>.</span>
        </h1>
        <p>
          Practice companies, exercises on the chart of accounts, and marks that say to the cent
          what caused each difference.
        </p>
      </section>
      <main className="door">
        {!welcome.data ? (
          <Asking of={welcome} what="The door" />
        ) : welcome.data.needsFirstInstructor ? (
          <FirstInstructor />
        ) : (
          <Door people={welcome.data.demoPeople} />
        )}
      </main>
    </div>
  );
}

function Door({ people }: { people: Welcome['demoPeople'] }) {
  const signIn = useEnter('sign-in');
  const demo = useEnter('demo-sign-in');
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    signIn.mutate({ login, password });
  };
  return (
    <div className="narrow">
      {people.length > 0 && (
        <section className="people-list" aria-label="People of the demo">
          <h2>Come in as</h2>
          {people.map((person) => (
            <button
              key={person.id}
              type="button"
              onClick={() => demo.mutate({ person: person.id })}
            >
              <strong>{person.name}</strong>{' '}
              <span className="quiet">
                · {person.role}, {person.says}
              </span>
            </button>
          ))}
          {demo.error && (
            <p className="refusal" role="alert">
              {demo.error.message}
            </p>
          )}
          <p className="quiet" style={{ margin: '26px 0 6px' }}>
            or sign in with a name and password
          </p>
        </section>
      )}
      <form onSubmit={submit}>
        {people.length === 0 && <h2 style={{ marginBottom: 12 }}>Sign in</h2>}
        <div className="field">
          <label htmlFor="login">Name you sign in with</label>
          <Input
            id="login"
            autoComplete="username"
            value={login}
            onChange={(e) => setLogin(e.target.value)}
          />
          <label htmlFor="password">Password</label>
          <Input.Password
            id="password"
            autoComplete="current-password"
            value={password}
            onChange={(e) => setPassword(e.target.value)}
          />
          {signIn.error && (
            <p className="refusal" role="alert">
              {signIn.error.message}
            </p>
          )}
        </div>
        <Button
          type={people.length > 0 ? 'default' : 'primary'}
          htmlType="submit"
          loading={signIn.isPending}
        >
          Sign in
        </Button>
      </form>
    </div>
  );
}

function FirstInstructor() {
  const enter = useEnter('first-instructor');
  const [form, setForm] = useState({ name: '', login: '', password: '' });
  const field = (key: keyof typeof form) => ({
    id: key,
    value: form[key],
    onChange: (event: { target: { value: string } }) =>
      setForm({ ...form, [key]: event.target.value }),
  });
  return (
    <form
      className="narrow"
      onSubmit={(event) => {
        event.preventDefault();
        enter.mutate(form);
      }}
    >
      <h2>Nobody is here yet. You are the first instructor.</h2>
      <div className="field" style={{ marginTop: 14 }}>
        <label htmlFor="name">Your name</label>
        <Input {...field('name')} autoComplete="name" />
        <label htmlFor="login">Name to sign in with</label>
        <Input {...field('login')} autoComplete="username" />
        <label htmlFor="password">Password, 10 characters or more</label>
        <Input.Password {...field('password')} autoComplete="new-password" />
        {enter.error && (
          <p className="refusal" role="alert">
            {enter.error.message}
          </p>
        )}
      </div>
      <Button type="primary" htmlType="submit" loading={enter.isPending}>
        Begin
      </Button>
    </form>
  );
}
