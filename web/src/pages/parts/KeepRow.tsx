import { Button } from 'antd';
import type { ReactNode } from 'react';
import { Refusal } from '../../platform/shell/Refusal';

interface KeepRowProps {
  readonly label: string;
  readonly changed: boolean;
  readonly of: { readonly error: Error | null; readonly isPending: boolean };
  readonly children?: ReactNode;
  onKeep(): void;
}

/** The foot of a form that is kept as a whole: its one button, and why it was refused. */
export function KeepRow({ label, changed, of, children, onKeep }: KeepRowProps) {
  return (
    <div className="slip-actions">
      {children}
      <Refusal of={of} />
      <Button
        type="primary"
        className="last"
        disabled={!changed}
        loading={of.isPending}
        onClick={onKeep}
      >
        {label}
      </Button>
    </div>
  );
}
