import { ARRIVAL_REFUSALS, type ArrivalRefusal } from '@gleddo/contract';
import { Cover } from './Cover';

const AT = '/from-platform/refused/';

const isRefusal = (why: string): why is ArrivalRefusal => Object.hasOwn(ARRIVAL_REFUSALS, why);

/** Why somebody whom a platform sent is not let in; null: nobody was refused. */
export function refusalInAddress(): ArrivalRefusal | null {
  const { pathname } = window.location;
  if (!pathname.startsWith(AT)) return null;
  const why = pathname.slice(AT.length);
  return isRefusal(why) ? why : 'forged';
}

/** Says to whoever comes from the school’s platform why they are not let in, and what to do. */
export const RefusedArrival = ({ why }: { readonly why: ArrivalRefusal }) => (
  <Cover>
    <div className="narrow">
      <h2>You are not in yet</h2>
      <p role="alert">{ARRIVAL_REFUSALS[why]}</p>
      <p>
        <a href="/">Go to the first page</a>
      </p>
    </div>
  </Cover>
);
