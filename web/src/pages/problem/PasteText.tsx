import { LONGEST_PROBLEM } from '@gleddo/core';
import { Button, Input } from 'antd';
import { Refusal } from '../../platform/shell/Refusal';
import type { Problem } from './use-problem';
import styles from './problem.module.css';

const TOO_LONG = `This is longer than a problem can be (${LONGEST_PROBLEM} characters). Cut it in parts.`;

const EXAMPLE = `Nether Quay Pottery makes and sells bowls. On 1 May 2027 its owner begins the books.

1. The owner puts 12,000 into the business’s bank account.
2. Buys a kiln for 6,000, half from the bank, the rest is owed to Fenn Ovens.
3. Pays 1,800 for three months’ rent of the workshop, from 1 May.`;

/** Where a problem’s text is put in. */
export function PasteText({ problem }: { readonly problem: Problem }) {
  const { text, type, read } = problem;
  const isEmpty = text.trim() === '';
  const isTooLong = text.length > LONGEST_PROBLEM;
  return (
    <section className={`paper ${styles['paste'] ?? ''}`}>
      <h2>
        <label htmlFor="problem-text">The text</label>
      </h2>
      <p className="quiet">
        Paste a problem as it stands in your notes: a word about the company, balances or accounts
        if there are any, then what happened, a sentence for each. You see what every sentence does
        to the books before anything is made.
      </p>
      <Input.TextArea
        id="problem-text"
        autoFocus
        value={text}
        autoSize={{ minRows: 12, maxRows: 24 }}
        placeholder={EXAMPLE}
        onChange={(event) => type(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && !isEmpty && !isTooLong)
            read();
        }}
      />
      {isTooLong && <Refusal says={TOO_LONG} />}
      <div className={styles['below']}>
        <Button type="primary" disabled={isEmpty || isTooLong} onClick={read}>
          Read it
        </Button>
        {isEmpty && <Button onClick={() => type(EXAMPLE)}>Try it with an example</Button>}
        <span className="quiet">Ctrl + Enter</span>
      </div>
    </section>
  );
}
