import { shippedScheme, typesFound, type Scheme } from '../src/index.js';

const scheme = shippedScheme('current-first') as Scheme;
const first = (typed: string, withExamples = true) =>
  typesFound(scheme, typed, withExamples)[0]?.id;

describe('searching a type of account', () => {
  it.each(scheme.types.map(({ id, name }) => [name, id]))('%s by its whole name', (name, id) => {
    expect(first(name)).toBe(id);
    expect(first(`  ${name.toUpperCase()} `)).toBe(id);
  });

  it('takes names before sections, and sections before examples', () => {
    expect(first('office')).toBe('office');
    const found = typesFound(scheme, 'office').map(({ id }) => id);
    expect(found).toContain('cash-in-hand');
    expect(first('inc tax')).toBe('income-tax');
  });

  it('takes the beginning of a name before a word within it', () => {
    const names = typesFound(scheme, 'depreciation').map(({ name }) => name.toLowerCase());
    const begin = names.findIndex((name) => !name.startsWith('depreciation'));
    expect(begin).toBeGreaterThan(0);
    expect(names.slice(begin).every((name) => !name.startsWith('depreciation'))).toBe(true);
  });

  it('looks into no examples where they would tell too much', () => {
    const without = typesFound(scheme, 'office', false).map(({ id }) => id);
    expect(without).toEqual(['office']);
  });

  it('gives all where nothing is typed, and none where nothing fits', () => {
    expect(typesFound(scheme, '  ')).toHaveLength(scheme.types.length);
    expect(typesFound(scheme, 'zzz')).toEqual([]);
  });
});
