import type { KeyboardEvent } from 'react';

interface FigureLinkProps {
  readonly account: string;
  readonly label: string;
  readonly figure: string;
  /** The one that Tab comes to; the arrows go on from it. */
  readonly first: boolean;
  onOpen(): void;
}

function walk(event: KeyboardEvent<HTMLButtonElement>): void {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (step === undefined) return;
  event.preventDefault();
  const all = [...document.querySelectorAll<HTMLElement>('.figure-link')];
  all[all.indexOf(event.currentTarget) + step]?.focus();
}

/** A figure that leads down to its entries. */
export function FigureLink({ account, label, figure, first, onOpen }: FigureLinkProps) {
  return (
    <button
      type="button"
      className="link-button figure-link"
      data-figure-of={account}
      aria-label={`${label} ${figure}: its entries`}
      tabIndex={first ? 0 : -1}
      onKeyDown={walk}
      onClick={onOpen}
    >
      {figure}
    </button>
  );
}
