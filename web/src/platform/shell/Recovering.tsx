import { Component, type ReactNode } from 'react';
import { fetchAgain, NotFetched } from './lazy-view';
import styles from './plain.module.css';

interface RecoveringProps {
  /** What stands in it: when it is another, it is tried anew. */
  readonly what: string;
  readonly children: ReactNode;
}

interface RecoveringState {
  readonly error: Error | null;
  readonly what: string;
}

const CANT_FETCH =
  'This part of the pages could not be fetched: there is no connection, or Gleddo was upgraded since this page was opened. Nothing that you did or typed is lost.';
const BROKE =
  'Something on this page went wrong here, not with you. What you did is kept, and the rest of the pages still works.';

async function reloadWhereReached(): Promise<void> {
  const answered = await fetch('/', { method: 'HEAD', cache: 'no-store' }).catch(() => null);
  if (answered?.ok) window.location.reload();
}

/** Keeps a fault of one part of the pages from taking the others along; says what to do, and tries again. */
export class Recovering extends Component<RecoveringProps, RecoveringState> {
  override state: RecoveringState = { error: null, what: this.props.what };

  static getDerivedStateFromError(error: Error): Partial<RecoveringState> {
    return { error };
  }

  static getDerivedStateFromProps(
    { what }: RecoveringProps,
    state: RecoveringState,
  ): RecoveringState | null {
    return what === state.what ? null : { error: null, what };
  }

  override componentDidMount(): void {
    window.addEventListener('online', this.again);
  }

  override componentWillUnmount(): void {
    window.removeEventListener('online', this.again);
  }

  /** A part that could not be fetched may be remembered as such by the browser: where the server answers, the page comes anew. */
  private readonly again = (): void => {
    const { error } = this.state;
    if (!error) return;
    if (error instanceof NotFetched) void reloadWhereReached();
    fetchAgain();
    this.setState({ error: null });
  };

  override render(): ReactNode {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <main className="desk">
        <div className="paper narrow" role="alert">
          <h2>This can’t be shown</h2>
          <p>{error instanceof NotFetched ? CANT_FETCH : BROKE}</p>
          <div className="slip-actions">
            <button type="button" className={`${styles['button']} is-primary`} onClick={this.again}>
              Try again
            </button>
            <button
              type="button"
              className={styles['button']}
              onClick={() => window.location.reload()}
            >
              Load the page anew
            </button>
          </div>
        </div>
      </main>
    );
  }
}
