import {
  changedSection,
  changedType,
  faultsOfScheme,
  movedSection,
  movedType,
  renamedScheme,
  sectionById,
  typeOf,
  typesOfSection,
  withoutSection,
  withoutType,
  withSection,
  withType,
  type Scheme,
} from '../src/index.js';
import { ownCopy } from '../src/model/scheme/scheme-edits.js';
import { isShipped } from '../src/model/scheme/words.js';
import { SCHEME } from './builder.js';

const sections = (scheme: Scheme) => scheme.sections.map(({ id }) => id);
const types = (scheme: Scheme, section: string) =>
  typesOfSection(scheme, section).map(({ id }) => id);

describe('editing a scheme', () => {
  it('makes a copy of one that is shipped, and leaves it as it was', () => {
    const before = JSON.stringify(SCHEME);
    const copy = renamedScheme(SCHEME, 'For our course');
    expect([copy.id, copy.name, isShipped(copy)]).toEqual(['own', 'For our course', false]);
    expect(JSON.stringify(SCHEME)).toBe(before);
    expect(ownCopy(SCHEME).name).toBe('Current items first, adapted');
    expect(ownCopy(copy)).toBe(copy);
  });

  it('changes a section or a type and nothing beside it', () => {
    const next = changedType(changedSection(SCHEME, 'equity', { name: 'Owners' }), 'bank', {
      name: 'Banks',
    });
    expect(sectionById(next, 'equity')?.name).toBe('Owners');
    expect(typeOf(next, 'bank')).toMatchObject({ name: 'Banks', role: 'cash' });
    expect(next.types.filter((type, i) => type !== SCHEME.types[i])).toHaveLength(1);
  });

  it('puts a new section after the last of its class, each with an id of its own', () => {
    const [once, first] = withSection(SCHEME, 'asset', 'Stock in the field');
    const [twice, second] = withSection(once, 'asset', 'Tools');
    expect(first).not.toBe(second);
    expect(sections(twice).slice(0, 5)).toEqual([
      'current-assets',
      'non-current-assets',
      first,
      second,
      'current-liabilities',
    ]);
    expect(faultsOfScheme(twice)).toEqual([]);
  });

  it('finds the place of a class that has no section any more', () => {
    const without = withoutSection(SCHEME, 'equity');
    const [next, id] = withSection(without, 'equity', 'Capital');
    expect(sections(next)[sections(next).indexOf('revenue') - 1]).toBe(id);
  });

  it('gives a new type what its section says: the activity of its neighbours, and closing', () => {
    const [assets, loom] = withType(SCHEME, 'non-current-assets', 'Looms');
    expect(typeOf(assets, loom)).toMatchObject({ cashFlow: 'investing', closesInto: 'nothing' });
    const [costs, post] = withType(SCHEME, 'operating-expenses', 'Post');
    expect(typeOf(costs, post)).toMatchObject({
      cashFlow: 'operating',
      closesInto: 'retained-earnings',
      contra: false,
      role: 'none',
    });
  });

  it('moves a section within its statement, a type within its section, and no further', () => {
    const swapped = movedSection(SCHEME, 'non-current-assets', -1);
    expect(sections(swapped).slice(0, 2)).toEqual(['non-current-assets', 'current-assets']);
    expect(movedSection(SCHEME, 'revenue', -1)).toBe(SCHEME);
    expect(movedSection(SCHEME, 'equity', 1)).toBe(SCHEME);
    const raised = movedType(SCHEME, 'cash-in-hand', -1);
    expect(types(raised, 'current-assets').slice(0, 2)).toEqual(['cash-in-hand', 'bank']);
    expect(movedType(SCHEME, 'bank', -1)).toBe(SCHEME);
    expect(movedType(movedType(SCHEME, 'bank', 1), 'bank', -1).types).toEqual(SCHEME.types);
    expect(movedType(SCHEME, 'nothing', 1)).toBe(SCHEME);
  });

  it('drops a type, or a section with all of its types', () => {
    expect(typeOf(withoutType(SCHEME, 'land'), 'land')).toBeNull();
    const without = withoutSection(SCHEME, 'other-income');
    expect(sections(without)).not.toContain('other-income');
    expect(types(without, 'other-income')).toEqual([]);
  });
});
