import { Button, Skeleton } from 'antd';

interface Asked {
  readonly error: Error | null;
  readonly isPending?: boolean;
  refetch(): unknown;
}

/** What stands in the place of something that is still being fetched, or could not be. */
export function Asking({ of, what }: { of: Asked; what: string }) {
  if (!of.error)
    return (
      <div className="desk" role="status" aria-busy="true" aria-label={`${what} is being fetched`}>
        <div className="paper">
          <Skeleton active paragraph={{ rows: 8 }} />
        </div>
      </div>
    );
  return (
    <div className="state-line" role="alert">
      <p>{of.error.message}</p>
      <Button onClick={() => of.refetch()}>Try again</Button>
    </div>
  );
}
