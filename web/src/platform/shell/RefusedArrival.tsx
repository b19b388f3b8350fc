import { ARRIVAL_REFUSALS, type ArrivalRefusal } from '@gleddo/contract';
import { Cover } from './Cover';

const isRefusal = (why: string): why is ArrivalRefusal => Object.hasOwn(ARRIVAL_REFUSALS, why);

/** Says to whoever comes from the school’s platform why they are not let in, and what to do. */
export const RefusedArrival = ({ why }: { readonly why: string }) => (
  <Cover>
    <div className="narrow">
      <h2>You are not in yet</h2>
      <p role="alert">{ARRIVAL_REFUSALS[isRefusal(why) ? why : 'forged']}</p>
      <p>
        <a href="/">Go to the first page</a>
      </p>
    </div>
  </Cover>
);
