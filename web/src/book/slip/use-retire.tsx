import { accountOf, reservedRefusals, retireNotices } from '@gleddo/core';
import { App } from 'antd';
import { useChartState } from '../chart-state/chart-state';

/** Retires accounts after a warning where one still stands at an amount; what is refused is not asked about. */
export function useRetire() {
  const { book } = useChartState();
  const { modal } = App.useApp();
  return (ids: readonly string[], retire: () => void): void => {
    const accounts = ids.flatMap((id) => accountOf(book, id) ?? []);
    const isRefused = accounts.some((account) => reservedRefusals(book, account).length > 0);
    const warnings = accounts.flatMap((account) => retireNotices(book, account));
    if (isRefused || warnings.length === 0) return retire();
    modal.confirm({
      title: 'Retire it all the same?',
      content: warnings.map(({ says }) => <p key={says}>{says}</p>),
      okText: 'Retire',
      cancelText: 'Keep it in use',
      onOk: retire,
    });
  };
}
