import { evaluate, filledWords, keyScope, type AnswerKey } from '@gleddo/core';
import { AutoComplete } from 'antd';
import { useMemo } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';
import { figureOffers } from './figure-offers';
import styles from './steps.module.css';

interface FormulaFieldProps {
  readonly keyNow: AnswerKey;
  readonly label: string;
  readonly value: string;
  /** Formulas that are offered besides those of the key. */
  readonly offered?: readonly { readonly value: string; readonly label: string }[];
  onChange(value: string): void;
}

/** A formula over the key, chosen by what it is or written; what it is worth now stands below. */
export function FormulaField({ keyNow, label, value, offered, onChange }: FormulaFieldProps) {
  const options = useMemo(
    () => [
      ...(offered ?? []),
      ...figureOffers(keyNow.book, keyNow.figures?.quantities?.map(({ name }) => name) ?? []),
    ],
    [keyNow, offered],
  );
  const named = options.find((each) => each.value === value);
  return (
    <div className={styles['formula']}>
      <AutoComplete
        aria-label={label}
        value={value}
        options={options}
        optionRender={({ data }) => (
          <>
            {data.label} <code className="quiet">{data.value}</code>
          </>
        )}
        showSearch={BY_LABEL}
        placeholder="Search a figure, or write a formula"
        style={{ width: '100%' }}
        onChange={(typed: string) => onChange(typed)}
      />
      <Worth keyNow={keyNow} says={value} name={named?.label ?? null} />
    </div>
  );
}

interface WorthProps {
  readonly keyNow: AnswerKey;
  readonly says: string;
  readonly name: string | null;
}

function Worth({ keyNow, says, name }: WorthProps) {
  if (says.trim() === '') return null;
  const scope = keyScope(keyNow);
  const worth = evaluate(says, scope);
  if (!worth.ok) return <span className="is-missed">{worth.refusals[0]?.says}</span>;
  return (
    <span className="quiet">
      {name !== null && `${name}: `}now {filledWords(`{= ${says} }`, keyNow.book, scope)}
    </span>
  );
}
