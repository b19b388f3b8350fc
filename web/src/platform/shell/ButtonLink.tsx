import { Button } from 'antd';
import type { MouseEvent, ReactNode } from 'react';
import { useNavigate } from 'react-router';

/** A way to another page that looks like a button; it opens in another tab as links do. */
export function ButtonLink({
  to,
  type = 'default',
  children,
}: {
  readonly to: string;
  readonly type?: 'default' | 'primary';
  readonly children: ReactNode;
}) {
  const navigate = useNavigate();
  const go = (event: MouseEvent) => {
    if (event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    void navigate(to);
  };
  return (
    <Button {...{ type }} href={to} onClick={go}>
      {children}
    </Button>
  );
}
