import styles from './plain.module.css';
interface Asked {
  readonly error: Error | null;
  readonly isPending?: boolean;
  refetch(): unknown;
}

const LINES = 8;

/** What stands in the place of something that is still being fetched, or could not be. */
export function Asking({ of, what }: { of: Asked; what: string }) {
  if (!of.error)
    return (
      <div className="desk" role="status" aria-busy="true" aria-label={`${what} is being fetched`}>
        <div className="paper to-come">
          {Array.from({ length: LINES }, (_, i) => (
            <div key={i} className={styles['to-come']} />
          ))}
        </div>
      </div>
    );
  return (
    <div className="state-line" role="alert">
      <p>{of.error.message}</p>
      <button type="button" className={styles['button']} onClick={() => of.refetch()}>
        Try again
      </button>
    </div>
  );
}
