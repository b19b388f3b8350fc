import type { ReactNode } from 'react';
import styles from './today.module.css';

/** Rows of a page, as lines: their indent and how long name and figure are. */
const ROWS = [
  [0, 26, 10],
  [5, 20, 8],
  [5, 24, 9],
  [0, 22, 10],
  [5, 18, 7],
  [5, 23, 8],
] as const;

const Page = ({ x }: { readonly x: number }) => (
  <g>
    <rect className={styles['sheet']} x={x} y={4} width={56} height={62} rx={2} />
    <rect className={styles['head']} x={x + 6} y={10} width={24} height={3} />
    {ROWS.map(([indent, name, figure], i) => (
      <g key={i}>
        <rect x={x + 6 + indent} y={20 + i * 7} width={name - indent} height={2} />
        <rect x={x + 50 - figure} y={20 + i * 7} width={figure} height={2} />
      </g>
    ))}
  </g>
);

const OpenBook = () => (
  <>
    <Page x={3} />
    <Page x={61} />
  </>
);

const InTheMargin = () => (
  <>
    <Page x={3} />
    <rect className={styles['missed']} x={7} y={31} width={48} height={6} rx={1} />
    <path className={styles['line']} d="M 60 34 H 68" />
    <rect className={styles['sheet']} x={68} y={22} width={49} height={26} rx={2} />
    <rect className={styles['wrong']} x={73} y={27} width={26} height={3} />
    <rect x={73} y={34} width={38} height={2} />
    <rect x={73} y={40} width={32} height={2} />
  </>
);

/** Which of the cells are missed: where most of a class fails, and who fails most. */
const MISSED = new Set(['0 3', '1 3', '2 3', '4 3', '3 1', '3 5', '3 6', '5 2']);

const TheClass = () => (
  <>
    {Array.from({ length: 48 }, (_, i) => {
      const [row, column] = [Math.floor(i / 8), i % 8];
      const kind = MISSED.has(`${row} ${column}`) ? 'wrong' : 'right';
      return (
        <rect
          key={i}
          className={styles[kind]}
          x={24 + column * 11.5}
          y={5 + row * 10.5}
          width={9.5}
          height={8.5}
          rx={1.5}
        />
      );
    })}
    {Array.from({ length: 6 }, (_, row) => (
      <rect key={row} x={3} y={8 + row * 10.5} width={15} height={2} />
    ))}
  </>
);

const PICTURES: readonly (readonly [says: string, drawn: ReactNode])[] = [
  [
    'A book lies open: the balance sheet left, profit and loss right. Each account stands at its place, and its place says what it is.',
    <OpenBook key="book" />,
  ],
  [
    'Students set one up. What is wrong is told in the margin: what is there, what belongs there, and why.',
    <InTheMargin key="margin" />,
  ],
  [
    'The class, side by side: what most have missed, who needs help, and what to practise next.',
    <TheClass key="class" />,
  ],
];

/** What this is, in three pictures, for who comes first. */
export const FirstPictures = () => (
  <section className="paper" aria-label="What this is">
    <h2>What this is</h2>
    <ul className={styles['pictures']}>
      {PICTURES.map(([says, drawn]) => (
        <li key={says}>
          <svg viewBox="0 0 120 70" aria-hidden="true" data-drawn>
            {drawn}
          </svg>
          {says}
        </li>
      ))}
    </ul>
  </section>
);
