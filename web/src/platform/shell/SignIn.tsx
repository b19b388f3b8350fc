import { useQuery } from '@tanstack/react-query';
import type { DemoSignInRequest, SignInRequest, Welcome } from '@gleddo/contract';
import { useState, type FormEvent } from 'react';
import { get, post, Problem } from '../api/client';
import { Asking } from './Asking';
import { Cover } from './Cover';
import { FirstInstructor } from './FirstInstructor';
import { PasswordField, PlainField } from './PlainField';
import { Refusal } from './Refusal';
import { useEnter } from './use-enter';
import signInStyles from './sign-in.module.css';
import plainStyles from './plain.module.css';

interface Entering {
  /** Somebody is coming in: what lies behind the door will be wanted. */
  onEntering(): void;
}

/** The door: sign in, or (in the demo) come in as one of its people, or become the first instructor. */
export function SignIn({ onEntering }: Entering) {
  const welcome = useQuery({ queryKey: ['welcome'], queryFn: () => get('welcome') });
  return (
    <Cover>
      {!welcome.data ? (
        <Asking of={welcome} what="The door" />
      ) : welcome.data.needsFirstInstructor ? (
        <FirstInstructor onEntering={onEntering} />
      ) : (
        <div className="narrow">
          {window.location.pathname.startsWith('/from-platform/') && (
            <p className="notice">
              You come from your school’s platform. Sign in once as the instructor that you are
              here; from then on it brings you in. Who has no account here asks the head of the
              house for one.
            </p>
          )}
          <DemoPeople people={welcome.data.demoPeople} onEntering={onEntering} />
          <Door isDemo={welcome.data.demoPeople.length > 0} onEntering={onEntering} />
        </div>
      )}
    </Cover>
  );
}

function DemoPeople({ people, onEntering }: Entering & { people: Welcome['demoPeople'] }) {
  const demo = useEnter((of: DemoSignInRequest) => post('demo-sign-in', of));
  if (people.length === 0) return null;
  const comeIn = (person: string) => {
    onEntering();
    demo.mutate({ person });
  };
  return (
    <section className={signInStyles['people']} aria-label="People of the demo">
      <h2>Come in as</h2>
      {people.map(({ id, name, role, says }) => (
        <button key={id} type="button" onClick={() => comeIn(id)}>
          <strong>{name}</strong>{' '}
          <span className="quiet">
            · {role}, {says}
          </span>
        </button>
      ))}
      <Refusal of={demo} />
      <p className="quiet" style={{ margin: '26px 0 6px' }}>
        or sign in with a name and password
      </p>
    </section>
  );
}

function CodeField(props: { readonly value: string; onType(value: string): void }) {
  return (
    <PlainField
      id="code"
      label="Six digits of your second device"
      autoComplete="one-time-code"
      {...props}
    />
  );
}

/** Whether a second device is asked for; once it was, it stays. */
function useNeedsCode(error: Error | null): boolean {
  const [needs, setNeeds] = useState(false);
  const isAsked = error instanceof Problem && error.faults.some(({ at }) => at === 'code');
  if (isAsked && !needs) setNeeds(true);
  return needs;
}

function useDoor(onEntering: () => void) {
  const signIn = useEnter((typed: SignInRequest) => post('sign-in', typed));
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const needsCode = useNeedsCode(signIn.error);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onEntering();
    signIn.mutate({ login, password, ...(needsCode ? { code } : {}) });
  };
  return { signIn, submit, needsCode, login, setLogin, password, setPassword, code, setCode };
}

function Door({ isDemo, onEntering }: Entering & { isDemo: boolean }) {
  const { signIn, submit, needsCode, ...typed } = useDoor(onEntering);
  const { login, setLogin, password, setPassword, code, setCode } = typed;
  return (
    <form onSubmit={submit}>
      {!isDemo && <h2 style={{ marginBottom: '0.75rem' }}>Sign in</h2>}
      <div className="field">
        <PlainField
          id="login"
          label="Name you sign in with"
          autoComplete="username"
          value={login}
          onType={setLogin}
        />
        <PasswordField
          id="password"
          label="Password"
          autoComplete="current-password"
          value={password}
          onType={setPassword}
        />
        {needsCode && <CodeField value={code} onType={setCode} />}
        <Refusal of={signIn} />
      </div>
      <button
        type="submit"
        className={`${plainStyles['button']} ${isDemo ? '' : 'is-primary'}`}
        disabled={signIn.isPending}
      >
        Sign in
      </button>
    </form>
  );
}
