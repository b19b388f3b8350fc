import { Link, useLocation } from 'react-router';

interface NothingHereProps {
  /** Where one goes on from. */
  readonly home: string;
  readonly homeName: string;
}

/** Stands at an address that leads nowhere. */
export function NothingHere({ home, homeName }: NothingHereProps) {
  const { pathname } = useLocation();
  return (
    <>
      <div className="sheet-head">
        <h1>There is no such page</h1>
      </div>
      <main className="desk">
        <div className="paper narrow">
          <p>
            Nothing stands at <code>{pathname}</code>. The address may be mistyped, or what stood
            there is gone.
          </p>
          <p>
            <Link to={home}>Go to {homeName}</Link>
          </p>
        </div>
      </main>
    </>
  );
}
