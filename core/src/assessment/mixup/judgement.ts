import { typeOf, type AccountType, type Scheme } from '../../model/scheme/scheme.js';
import { JUDGEMENT_CALLS } from './mixups.js';

/** The types that can be defended for an account beside its own: judgement calls that an author may accept beforehand. */
export const defensible = (scheme: Scheme, type: string | null): AccountType[] =>
  JUDGEMENT_CALLS.flatMap(([one, other]) => {
    const also = type === one ? other : type === other ? one : null;
    return typeOf(scheme, also) ?? [];
  });
