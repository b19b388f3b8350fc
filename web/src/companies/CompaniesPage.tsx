import { useQuery } from '@tanstack/react-query';
import type { CompanySummary } from '@gleddo/contract';
import { Button } from 'antd';
import { Link } from 'react-router';
import { get } from '../api/client';
import { momentText } from '../figures/days';
import { Asking } from '../shell/Asking';

/** The instructor's practice companies, the one changed last first. */
export default function CompaniesPage() {
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get<CompanySummary[]>('companies'),
    staleTime: 0,
  });
  return (
    <>
      <div className="sheet-head">
        <h1>Companies</h1>
        <div className="actions">
          <Link to="/companies/new">
            <Button type="primary" tabIndex={-1}>
              New company
            </Button>
          </Link>
        </div>
      </div>
      {!companies.data ? (
        <Asking of={companies} what="The list of companies" />
      ) : (
        <main className="desk">
          <div className="paper">
            {companies.data.length === 0 ? (
              <p className="state-line">
                No company yet. A practice company is a book you keep in order to make exercises
                from it: begin with “New company”.
              </p>
            ) : (
              <ul className="plain-list">
                {companies.data.map((company) => (
                  <CompanyLine key={company.id} company={company} />
                ))}
              </ul>
            )}
          </div>
        </main>
      )}
    </>
  );
}

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

function CompanyLine({ company }: { company: CompanySummary }) {
  const { bookId, name, trade, accounts, entries, changedAt } = company;
  return (
    <li>
      <Link className="row-link" to={`/companies/${bookId}/chart`}>
        <strong>{name}</strong>
        <span className="quiet">{trade}</span>
        <span className="end">
          {count(accounts, 'account', 'accounts')} · {count(entries, 'entry', 'entries')} · changed{' '}
          {momentText(changedAt)}
        </span>
      </Link>
    </li>
  );
}
