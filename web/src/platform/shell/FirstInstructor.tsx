import type { FirstInstructorRequest } from '@gleddo/contract';
import { useState, type FormEvent } from 'react';
import { post } from '../api/client';
import { PasswordField, PlainField } from './PlainField';
import { Refusal } from './Refusal';
import { useEnter } from './use-enter';
import styles from './plain.module.css';

/** Where nobody is yet, the first visitor becomes the instructor. */
export function FirstInstructor({ onEntering }: { onEntering(): void }) {
  const enter = useEnter((typed: FirstInstructorRequest) => post('first-instructor', typed));
  const [form, setForm] = useState({ name: '', login: '', password: '' });
  const field = (id: keyof typeof form) => ({
    id,
    value: form[id],
    onType: (value: string) => setForm({ ...form, [id]: value }),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onEntering();
    enter.mutate(form);
  };
  return (
    <form className="narrow" onSubmit={submit}>
      <h2>Nobody is here yet. You are the first instructor.</h2>
      <div className="field" style={{ marginTop: '0.875rem' }}>
        <PlainField {...field('name')} label="Your name" autoComplete="name" />
        <PlainField {...field('login')} label="Name to sign in with" autoComplete="username" />
        <PasswordField
          {...field('password')}
          label="Password, 10 characters or more"
          autoComplete="new-password"
        />
        <Refusal of={enter} />
      </div>
      <button type="submit" className={`${styles['button']} is-primary`} disabled={enter.isPending}>
        Begin
      </button>
    </form>
  );
}
