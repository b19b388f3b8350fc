import type { MyTryDetail } from '@gleddo/contract';

/** What a student reads before the first exercise that they ever begin here. */
export const FirstMinute = ({ mine }: { readonly mine: MyTryDetail }) => (
  <section aria-label="The first minute">
    <h3>The first minute</h3>
    <ol>
      <li>
        The book lies open: the balance sheet left, profit and loss right. An account’s place says
        what it is.
      </li>
      <li>
        {mine.isGuided
          ? 'The steps at the left say what is asked, one after the other; papers to copy from lie at the right.'
          : 'The brief at the left says what is asked.'}{' '}
        A name is typed into the line with the + at the end of a section; amounts go under Opening,
        what happened under Journal. Undo takes back whatever it was.
      </li>
      <li>
        It saves itself. Press Hand in when you are done: it comes back with notes in the margin.
      </li>
    </ol>
  </section>
);
