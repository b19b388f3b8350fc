import { SHIPPED_SCHEMES, type Company, type Scheme } from '@gleddo/core';
import { screen } from '@testing-library/react';
import { TablePreview } from '../../src/book/files/TablePreview';
import { useTableReading, type Cells } from '../../src/book/files/use-table-file';
import { shown } from './shown';

const SCHEME = SHIPPED_SCHEMES[0] as Scheme;
const COMPANY = { currency: 'EUR' } as Company;

function Pasted({ cells }: { cells: Cells }) {
  const reading = useTableReading(cells, SCHEME, COMPANY);
  return <TablePreview {...{ cells, reading, scheme: SCHEME, company: COMPANY }} />;
}

describe('rows that were pasted', () => {
  it('which can’t be read are shown, each with its reason, before anything is made of the others', () => {
    shown(
      <Pasted
        cells={[
          ['Number', 'Account', 'Balance'],
          ['1010', 'Bank', '12.50'],
          ['1020', 'Till', 'twelve'],
          ['1030', 'Deposit', '1.2.3'],
        ]}
      />,
    );
    const alert = screen.getByRole('alert');
    expect(alert.textContent).toContain('2 rows can’t be read and will be left out');
    expect(alert.textContent).toContain('“twelve” is not an amount');
    expect(alert.textContent).toContain('Row 4: ');
    const table = screen.getByRole('region', { name: 'Row by row' });
    expect(table.textContent).toContain('Bank');
    expect(table.textContent).not.toContain('Till');
  });

  it('one is told as one; none is no alarm', () => {
    shown(
      <Pasted
        cells={[
          ['Account', 'Balance'],
          ['Bank', '12.50'],
          ['Till', 'twelve'],
        ]}
      />,
    );
    expect(screen.getByRole('alert').textContent).toContain('A row can’t be read');
  });

  it('nothing that is an account is said, too', () => {
    shown(<Pasted cells={[['Hello'], ['']]} />);
    expect(screen.queryByRole('region', { name: 'Row by row' })?.textContent ?? '').not.toContain(
      'Bank',
    );
  });
});
