import { useQuery } from '@tanstack/react-query';
import type { CompanySummary } from '@gleddo/contract';
import { Button } from 'antd';
import { Link } from 'react-router';
import { get } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { usePreloadedWork } from '../../book/work/preload';
import { ListPage } from '../../platform/shell/ListPage';
import { sharedSaid } from '../../platform/sharing/shared-words';
import { usePutAway } from '../../platform/shell/use-put-away';
import { useCopyDelete } from './use-copy-delete';

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

const standsOf = ({ accounts, entries, changedAt }: CompanySummary): string =>
  `${count(accounts, 'account', 'accounts')} · ${count(entries, 'entry', 'entries')} · changed ${momentText(changedAt)}`;

const companyPage = () => import('./CompanyPage');

/** The instructor's practice companies, the one changed last first. */
export default function CompaniesPage() {
  usePreloadedWork(companyPage);
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get('companies'),
    staleTime: 0,
  });
  const onPutAway = usePutAway('companies');
  const { onCopy, onDelete } = useCopyDelete();
  return (
    <ListPage
      title="Companies"
      of={companies}
      rows={companies.data?.map((company) => ({
        key: company.id,
        to: `/companies/${company.bookId}/chart`,
        name: company.name,
        about: [company.trade, sharedSaid(company.shared)]
          .filter((part) => part !== '')
          .join(' · '),
        stands: standsOf(company),
        putAway: company.putAway,
        isOthers: company.shared !== null,
      }))}
      acts={{ onPutAway, onCopy, onDelete: (id, name) => void onDelete(id, name) }}
      empty="No company yet. A practice company is a book you keep in order to make exercises from it: begin with “New company”."
      actions={
        <Link to="/companies/new">
          <Button type="primary" tabIndex={-1}>
            New company
          </Button>
        </Link>
      }
    />
  );
}
