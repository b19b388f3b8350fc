import { useState } from 'react';
import { useLocation } from 'react-router';
import { accountOfRow, accountRow } from './chart-order';

/**
 * The selected row. An account stands in the address too, so that it can be passed on and is there after a
 * refresh; the address is only written along (the router is not asked), so that keys can be fast.
 */
export function useSelected() {
  const location = useLocation();
  const given = new URLSearchParams(location.search).get('account');
  const [held, setHeld] = useState({ at: location.key, row: given && accountRow(given) });
  if (held.at !== location.key) setHeld({ at: location.key, row: given && accountRow(given) });
  const setSelected = (row: string | null) => {
    setHeld({ at: location.key, row });
    const id = accountOfRow(row);
    const params = new URLSearchParams(window.location.search);
    if (id === null) params.delete('account');
    else params.set('account', id);
    const search = params.size === 0 ? '' : `?${params.toString()}`;
    window.history.replaceState(window.history.state, '', location.pathname + search);
  };
  return { selected: held.row, setSelected, isGiven: given !== null, arrival: location.key };
}
