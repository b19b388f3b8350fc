import {
  CLASS_NAMES,
  statementOfClass,
  withSection,
  type ClassId,
  type StatementId,
} from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import type { SchemePartsProps } from './scheme-parts';
import styles from './scheme.module.css';

const CLASSES = Object.keys(CLASS_NAMES) as ClassId[];

type AddSectionProps = Pick<SchemePartsProps, 'scheme' | 'onChange' | 'onChoose'> & {
  readonly statement: StatementId;
};

/** A line in which a section of one's own is named and added to a class. */
export function AddSection({ scheme, statement, onChange, onChoose }: AddSectionProps) {
  const classes = CLASSES.filter((each) => statementOfClass(each) === statement);
  const [name, setName] = useState('');
  const [of, setOf] = useState<ClassId>(classes[0] ?? 'asset');
  const add = () => {
    if (name.trim() === '') return;
    const [next, id] = withSection(scheme, of, name.trim());
    onChange(next);
    onChoose({ kind: 'section', id });
    setName('');
  };
  return (
    <div className={styles['new-section']} onKeyDown={(event) => event.stopPropagation()}>
      <Input
        size="small"
        aria-label={`A new section on this page, its name`}
        placeholder="Another section"
        value={name}
        maxLength={80}
        onChange={(event) => setName(event.target.value)}
        onPressEnter={add}
      />
      <Select
        size="small"
        aria-label="Class of the new section"
        value={of}
        style={{ width: '6.875rem' }}
        options={classes.map((each) => ({ value: each, label: CLASS_NAMES[each] }))}
        onChange={setOf}
      />
      <Button size="small" disabled={name.trim() === ''} onClick={add}>
        Add
      </Button>
    </div>
  );
}
