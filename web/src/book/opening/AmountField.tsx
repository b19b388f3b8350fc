import {
  allWhole,
  amountTyped,
  formatAmount,
  parseAmount,
  type Amount,
  type AmountWriting,
} from '@gleddo/core';
import { useState, type KeyboardEvent } from 'react';
import { flushSync } from 'react-dom';
import { isComposing } from '../../platform/keyboard/composing';
import { useFollowing } from '../../platform/kept/use-following';
import styles from './opening.module.css';

interface AmountFieldProps {
  /** How its company writes amounts. */
  readonly writing: AmountWriting;
  readonly label: string;
  /** Minor units on this side; zero is empty. */
  readonly amount: Amount;
  readonly row: string;
  readonly disabled: boolean;
  onChange(amount: Amount): string | null;
  onRefused(says: string | null): void;
}

const shown = (amount: Amount, writing: AmountWriting): string =>
  amount === 0 ? '' : amountTyped(amount, writing);

const grouped = (amount: Amount, writing: AmountWriting): string =>
  formatAmount(amount, writing, allWhole([amount], writing.digits) ? 0 : writing.digits);

/** Goes to the amount field of the row above or below. */
function walk(event: KeyboardEvent<HTMLInputElement>): void {
  const step = { ArrowDown: 1, ArrowUp: -1, Enter: 1 }[event.key];
  if (step === undefined || isComposing(event)) return;
  event.preventDefault();
  const all = [...document.querySelectorAll<HTMLInputElement>(`input.${styles['amount']}`)];
  const next = all[all.indexOf(event.currentTarget) + step];
  next?.focus();
}

/** An amount as people write it; kept when the field is left, refused in a sentence when it can't be read. */
export function AmountField(props: AmountFieldProps) {
  const { writing, label, amount, disabled } = props;
  const { text, setText, wrong, keep } = useAmountText(props);
  const [isTyping, setTyping] = useState(false);
  const atRest = amount !== 0 && text === shown(amount, writing) ? grouped(amount, writing) : text;
  return (
    <input
      className={`${styles['amount']} ${wrong ? 'is-wrong' : ''}`}
      aria-label={label}
      data-kept={text === shown(amount, writing) ? '' : undefined}
      aria-invalid={wrong}
      inputMode="decimal"
      value={isTyping ? text : atRest}
      disabled={disabled}
      onChange={(event) => setText(event.target.value)}
      onFocus={(event) => {
        const field = event.currentTarget;
        // What is typed replaces the amount: it is selected once it stands there as it is typed.
        flushSync(() => setTyping(true));
        field.select();
      }}
      onBlur={() => {
        setTyping(false);
        keep();
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') setText(shown(amount, writing));
        else walk(event);
      }}
    />
  );
}

/** What is typed in the field, and its being kept or refused. */
function useAmountText({ writing, amount, onChange, onRefused }: AmountFieldProps) {
  const [text, setText] = useFollowing(shown(amount, writing));
  const [wrong, setWrong] = useState(false);
  const refuse = (says: string | null) => {
    setWrong(says !== null);
    onRefused(says);
  };
  const keep = () => {
    if (text === shown(amount, writing)) return refuse(null);
    if (text.trim() === '') return refuse(onChange(0));
    const read = parseAmount(text, writing);
    if (!read.ok) return refuse(read.refusals[0]?.says ?? '');
    const says = onChange(read.value);
    refuse(says);
    if (says === null) setText(shown(read.value, writing));
  };
  return { text, setText, wrong, keep };
}
