import {
  NOT_PLACED,
  STATEMENT_NAMES,
  statementOfClass,
  typesOfSection,
  type Scheme,
  type StatementId,
} from '@gleddo/core';
import { Cascader } from 'antd';
import { useMemo } from 'react';

interface PlacePickerProps {
  readonly id: string;
  readonly scheme: Scheme;
  readonly type: string | null;
  readonly disabled: boolean;
  onChange(type: string | null): void;
}

interface Option {
  value: string;
  label: string;
  title?: string;
  children?: Option[];
}

function statementOption(scheme: Scheme, statement: StatementId): Option {
  return {
    value: statement,
    label: STATEMENT_NAMES[statement],
    children: scheme.sections
      .filter((section) => statementOfClass(section.class) === statement)
      .map((section) => ({
        value: section.id,
        label: section.name,
        children: typesOfSection(scheme, section.id).map((type) => ({
          value: type.id,
          label: type.name,
          title: type.says,
        })),
      })),
  };
}

/** A place: this statement, this section, this type. */
export function PlacePicker({ id, scheme, type, disabled, onChange }: PlacePickerProps) {
  const options = useMemo(
    () => [
      statementOption(scheme, 'balance-sheet'),
      statementOption(scheme, 'profit-and-loss'),
      { value: NOT_PLACED, label: 'Not placed' },
    ],
    [scheme],
  );
  const path = options.flatMap((statement) =>
    (statement.children ?? []).flatMap((section) =>
      (section.children ?? [])
        .filter((each) => each.value === type)
        .map((each) => [statement.value, section.value, each.value]),
    ),
  );
  return (
    <Cascader
      id={id}
      style={{ width: '100%' }}
      disabled={disabled}
      allowClear={false}
      options={options}
      value={path[0] ?? [NOT_PLACED]}
      displayRender={(labels) => labels.join(' › ')}
      showSearch={{ matchInputWidth: false }}
      onChange={(value) => {
        const last = value.at(-1);
        if (last !== undefined) onChange(last === NOT_PLACED ? null : String(last));
      }}
    />
  );
}
