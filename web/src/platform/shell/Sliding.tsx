import { useEffect, useRef, type ReactNode } from 'react';

interface SlidingProps {
  readonly label: string;
  readonly className?: string | undefined;
  /** From which edge it slides over the page where it has no room beside it. */
  readonly from: 'left' | 'right';
  readonly isOpen: boolean;
  readonly children: ReactNode;
  onClose(): void;
}

/** What lies beside the work where there is room, and slides over it where there is none. */
export function Sliding({ label, className = '', from, isOpen, children, onClose }: SlidingProps) {
  const own = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!isOpen) return undefined;
    const before = document.activeElement;
    own.current?.focus();
    return () => {
      if (before instanceof HTMLElement && before.isConnected) before.focus();
    };
  }, [isOpen]);
  return (
    <>
      {isOpen && <div className="slid-behind" onClick={onClose} aria-hidden />}
      <div
        ref={own}
        className={`sliding from-${from} ${isOpen ? 'is-slid' : ''} ${className}`}
        tabIndex={-1}
        {...(isOpen ? { role: 'dialog', 'aria-label': label } : {})}
        onKeyDown={({ key }) => key === 'Escape' && isOpen && onClose()}
      >
        <button
          type="button"
          className="slide-away"
          aria-label={`Put ${label} away`}
          onClick={onClose}
        >
          Back to the work
        </button>
        {children}
      </div>
    </>
  );
}
