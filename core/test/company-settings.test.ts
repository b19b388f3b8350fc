import { checkWork, keyOf, sentenceOf, type Book, type Checked } from '../src/index.js';
import { withSubledgers } from '../src/model/book/subledgers.js';
import { shop } from './builder.js';

const key = (rest: Parameters<typeof keyOf>[1] = {}) => keyOf(shop(), rest);

const faults = ({ results }: Checked): string[] =>
  results.filter(({ outcome }) => outcome === 'not-met').map(({ ref }) => ref);

describe('settings of the company', () => {
  const ofCompany = (of: Book, company: Partial<Book['company']>): Book => ({
    ...of,
    company: { ...of.company, ...company },
  });
  const settings = ['legalForm', 'periods', 'cashFlow'] as const;

  test('are not compared unless they are asked for', () => {
    const work = ofCompany(shop(), { legalForm: 'non-profit', periods: 4 });
    expect(faults(checkWork(key(), work))).toEqual([]);
  });

  test('that are asked for are each a fault by itself, and earn their points from a start that lacks them', () => {
    const asked = key({ settings: [...settings] });
    const start = ofCompany(shop(), { legalForm: 'non-profit', periods: 4, cashFlow: 'ifrs-18' });
    expect(faults(checkWork(asked, start))).toEqual([
      'company.settings:legalForm',
      'company.settings:periods',
      'company.settings:cashFlow',
    ]);
    const one = ofCompany(start, { legalForm: shop().company.legalForm });
    expect(checkWork(asked, start, { start })).toMatchObject({ points: 0, of: 3 });
    expect(checkWork(asked, one, { start })).toMatchObject({ points: 1, of: 3 });
    expect(checkWork(asked, shop(), { start })).toMatchObject({ points: 3, of: 3 });
  });

  test('of the inventory and the year are told in words', () => {
    const asked = key({ settings: ['inventory', 'firstDay', 'currency'] });
    const work = withSubledgers(ofCompany(shop(), { firstDay: '2027-07-01', currency: 'USD' }), {
      inventory: 'periodic',
    });
    const described = checkWork(asked, work).results.filter(
      ({ check }) => check === 'company.settings',
    );
    expect(described.map(sentenceOf)).toEqual([
      'Currency is USD in this work. It is EUR. Change it on the page of the company.',
      'First day of the financial year is 1 July 2027 in this work. It is 1 January 2027. Change it on the page of the company.',
      'Inventory system is periodic in this work. It is perpetual. Change it on the page of the company.',
    ]);
  });
});
