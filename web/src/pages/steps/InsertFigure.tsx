import type { AnswerKey } from '@gleddo/core';
import { Select } from 'antd';
import { useMemo } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';
import { figureOffers } from './figure-offers';

interface InsertFigureProps {
  readonly keyNow: AnswerKey;
  onInsert(figure: string): void;
}

/** A figure of the key put into words: it stays right whatever the key becomes, and for each student’s own. */
export function InsertFigure({ keyNow, onInsert }: InsertFigureProps) {
  const options = useMemo(
    () => figureOffers(keyNow.book, keyNow.figures?.quantities?.map(({ name }) => name) ?? []),
    [keyNow],
  );
  return (
    <Select
      size="small"
      aria-label="Put a figure of the key into the words"
      placeholder="Put a figure of the key into the words"
      style={{ width: '20rem' }}
      showSearch={BY_LABEL}
      options={options}
      value={null}
      onChange={(says: string | null) => {
        if (says !== null) onInsert(` {= ${says} }`);
      }}
    />
  );
}
