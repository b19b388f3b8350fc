import { KIND_FACTS, recordingOf, type Book } from '@gleddo/core';
import { Button } from 'antd';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import type { Money } from '../../platform/figures/money';
import { useSteady } from '../../platform/kept/use-steady';
import { isComposing } from '../../platform/keyboard/composing';
import { DayNotice } from '../journal/DayNotice';
import { Refusal } from '../../platform/shell/Refusal';
import {
  documentFrom,
  EMPTY_LINE,
  type DocumentDraft,
  type DraftChange,
  type LineDraft,
} from '../business/document-draft';
import { DocumentHeads } from './DocumentHeads';
import { DocumentTax } from './DocumentTax';
import { DocumentLineRow, hasTax } from './DocumentLineRow';
import { PaymentFields } from './PaymentFields';
import { useChange } from '../open-book/use-change';
import styles from '../journal/entry.module.css';

interface DocumentFormProps {
  readonly book: Book;
  readonly draft: DocumentDraft;
  readonly money: Money;
  readonly isAskedFor: boolean;
  onChange(change: DraftChange): void;
  onDone(): void;
}

const isRecordKey = (event: KeyboardEvent): boolean =>
  event.key === 'Enter' && (event.ctrlKey || event.metaKey) && !isComposing(event);

/** What happened, as it is typed: what it needs depends on its kind. */
export function DocumentForm(props: DocumentFormProps) {
  const { book, draft, money, isAskedFor, onChange, onDone } = props;
  const { change, refused, forget } = useChange();
  const form = useRef<HTMLDivElement>(null);
  const toStart = () => form.current?.querySelector('input')?.focus();
  useEffect(() => {
    if (isAskedFor) toStart();
  }, [isAskedFor]);
  const take = useSteady((changed: DraftChange) => {
    forget();
    onChange(changed);
  });
  const finish = () => {
    const document = documentFrom(book, draft);
    if (!change(typeof document === 'string' ? document : recordingOf(book, document))) return;
    onDone();
    toStart();
  };
  const { lines, says } = KIND_FACTS[draft.kind];
  return (
    <div
      ref={form}
      className={styles['form']}
      role="form"
      aria-label={draft.id === null ? 'New document' : 'Change a document'}
      onKeyDown={(event) => isRecordKey(event) && finish()}
    >
      <DocumentHeads {...{ book, draft }} onChange={take} />
      <DayNotice
        book={book}
        of={{ date: draft.date, kind: KIND_FACTS[draft.kind].entry ?? 'general' }}
      />
      <PaymentFields {...{ book, draft, money }} onChange={take} />
      {lines !== 'none' && <Lines {...{ book, draft }} onChange={take} />}
      {hasTax(book, draft.kind) && <DocumentTax {...{ book, draft }} onChange={take} />}
      <Foot isChange={draft.id !== null} says={says} onDone={onDone} onRecord={finish} />
      <Refusal says={refused} />
    </div>
  );
}

function Lines({ book, draft, onChange }: Pick<DocumentFormProps, 'book' | 'draft' | 'onChange'>) {
  const change = useSteady((at: number, rest: Partial<LineDraft>) => {
    onChange((now) => {
      const lines = now.lines.map((each, i) => (i === at ? { ...each, ...rest } : each));
      const isLast = at === lines.length - 1;
      return { ...now, lines: isLast && rest.of ? [...lines, EMPTY_LINE] : lines };
    });
  });
  return draft.lines.map((line, at) => (
    <DocumentLineRow key={at} {...{ book, line, at, change }} kind={draft.kind} />
  ));
}

interface FootProps {
  readonly isChange: boolean;
  readonly says: string;
  onDone(): void;
  onRecord(): void;
}

const Foot = ({ isChange, says, onDone, onRecord }: FootProps) => (
  <div className={styles['foot']}>
    <span className="mark-says">{says}</span>
    <span style={{ marginInlineStart: 'auto' }} />
    {isChange && <Button onClick={onDone}>Leave it as it was</Button>}
    <Button type="primary" onClick={onRecord} title="Ctrl Enter">
      {isChange ? 'Record the change' : 'Record'}
    </Button>
  </div>
);
