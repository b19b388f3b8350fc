import type { Operation, PartyKind } from '@gleddo/core';
import { Button, Input, Segmented } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useOpenBook } from '../book/open-book';
import { useKept } from '../kept/use-kept';
import { Refusal } from '../shell/Refusal';
import { digitsOf, numberFrom } from './document-draft';
import { blankParty } from './party-draft';
import { useChange } from './use-change';

/** What pasted lines say: a name, and after a tab what is owed when the books begin; or why one can't be read. */
function partiesFrom(text: string, kind: PartyKind, digits: number): Operation[] | string {
  const operations: Operation[] = [];
  for (const [i, line] of text.split('\n').entries()) {
    const [name = '', owed = ''] = line.split('\t').map((cell) => cell.trim());
    if (name === '') continue;
    const opening = numberFrom(owed, digits);
    if (typeof opening === 'string') return `Line ${i + 1}: ${opening}`;
    const party = { ...blankParty(kind), id: `p-${nanoid(10)}`, name, opening: opening ?? 0 };
    operations.push({ kind: 'put-party', party });
  }
  return operations.length > 0 ? operations : 'No names stand there. Type or paste one a line.';
}

const KINDS: { value: PartyKind; label: string }[] = [
  { value: 'customer', label: 'Customers' },
  { value: 'supplier', label: 'Suppliers' },
];

/** Several customers or suppliers in one step, one a line. */
export function SeveralNames() {
  const { book, answer } = useOpenBook();
  const [kind, setKind] = useState<PartyKind>('customer');
  const [text, setText, clear] = useKept(`${answer.id}.parties`, '');
  const { change, refused } = useChange();
  const add = () => {
    const operations = partiesFrom(text, kind, digitsOf(book));
    const isRead = typeof operations !== 'string';
    if (change(isRead ? { kind: 'several', operations } : operations)) clear();
  };
  return (
    <section aria-label="Several at once">
      <h3>Several at once</h3>
      <p className="quiet">
        One name a line, as copied from a spreadsheet; in a second column what is owed when the
        books begin.
      </p>
      <Segmented aria-label="What they are" value={kind} options={KINDS} onChange={setKind} />
      <Input.TextArea
        aria-label="Names, one a line"
        rows={5}
        style={{ margin: '8px 0' }}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <Button onClick={add}>Add them</Button>
      <Refusal says={refused} />
    </section>
  );
}
