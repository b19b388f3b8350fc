import {
  accountLabel,
  guessesIn,
  guessesSettled,
  placeAt,
  sectionOfType,
  typesOfSection,
  type Account,
} from '@gleddo/core';
import { Button, Modal, Select } from 'antd';
import { useState } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';
import { counted } from '../../platform/figures/counted';
import { useChartState } from '../chart-state/chart-state';
import { useGuesses } from './use-guesses';
import styles from './chart-help.module.css';

/** Types that were taken from names alone, and where all of them are settled. */
export function Guesses() {
  const guesses = useGuesses();
  const [open, setOpen] = useState(false);
  if (guesses.length === 0) return null;
  const says =
    guesses.length === 1 ? '1 type is a guess' : `${counted(guesses.length, 'type')} are guesses`;
  return (
    <>
      <button
        type="button"
        className={`link-button ${styles['count']}`}
        onClick={() => setOpen(true)}
      >
        {says}
      </button>
      {open && <GuessList says={says} onClose={() => setOpen(false)} />}
    </>
  );
}

function GuessList({ says, onClose }: { says: string; onClose(): void }) {
  const chartState = useChartState();
  const settle = () => {
    chartState.perform(
      guessesSettled(
        chartState.book,
        guessesIn(chartState.book).map(({ id }) => id),
      ),
    );
    onClose();
  };
  return (
    <Modal
      title={says}
      open
      onCancel={onClose}
      okText="All are right"
      cancelText="Later"
      onOk={settle}
    >
      <p className="quiet">
        Each of these was taken from the account’s name. Look whether it is what the account is.
      </p>
      <ul className="plain-list two-ends">
        {guessesIn(chartState.book).map((account) => (
          <Guess key={account.id} account={account} />
        ))}
      </ul>
    </Modal>
  );
}

function Guess({ account }: { account: Account }) {
  const { book, numbered, perform } = useChartState();
  const { id, name, type } = account;
  const section = sectionOfType(book.scheme, type);
  const offered = section ? typesOfSection(book.scheme, section.id) : [];
  return (
    <li>
      <span>{numbered ? accountLabel(account) : name}</span>
      <span className={styles['answer']}>
        <Select
          aria-label={`Type of ${name}`}
          className={styles['type'] ?? ''}
          value={type}
          showSearch={BY_LABEL}
          options={offered.map((each) => ({ value: each.id, label: each.name }))}
          onChange={(chosen) => perform(placeAt(book, id, chosen))}
        />
        <Button
          aria-label={`The type of ${name} is right`}
          onClick={() => perform(guessesSettled(book, [id]))}
        >
          Right
        </Button>
      </span>
    </li>
  );
}
