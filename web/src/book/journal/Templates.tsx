import { subledgersOf, type Book, type Entry } from '@gleddo/core';
import { Button, Popover } from 'antd';
import { useState } from 'react';
import { useBookStore } from '../open-book/open-book';

interface TemplatesProps {
  readonly book: Book;
  /** Begins an entry like this one. */
  onTake(entry: Entry): void;
}

/** The entries that are kept to begin others from; nothing where there are none. */
export function Templates({ book, onTake }: TemplatesProps) {
  const store = useBookStore();
  const [isOpen, setOpen] = useState(false);
  const { templates } = subledgersOf(book);
  if (templates.length === 0) return null;
  const throwAway = (id: string) => store.change({ kind: 'remove-template', id });
  const list = (
    <ul className="plain-list" aria-label="Templates">
      {templates.map(({ id, name, entry }, i) => (
        <li key={id}>
          <Button
            type="text"
            size="small"
            autoFocus={i === 0}
            onClick={() => {
              setOpen(false);
              onTake(entry);
            }}
          >
            {name}
          </Button>
          <Button
            type="text"
            size="small"
            aria-label={`Throw away the template ${name}`}
            onClick={() => throwAway(id)}
          >
            Throw away
          </Button>
        </li>
      ))}
    </ul>
  );
  return (
    <Popover trigger="click" open={isOpen} onOpenChange={setOpen} content={list} destroyOnHidden>
      <Button size="small">From a template</Button>
    </Popover>
  );
}
