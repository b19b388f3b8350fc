import { refusal, type Refusal } from '../refusal/refusal.js';
import { sectionById, type AccountType, type Role, type Scheme } from './scheme.js';

const LONGEST_SCHEME_NAME = 80;
const MOST_SECTIONS = 60;
const MOST_TYPES = 600;

const schemeNameless = refusal(
  'scheme.name-length',
  (f: { what: string }) => `${f.what} needs a name of 1 to ${LONGEST_SCHEME_NAME} characters.`,
);
const schemeIdTaken = refusal(
  'scheme.id-taken',
  (f: { id: string }) => `The id “${f.id}” is used twice in the scheme. Give each its own.`,
);
const schemeNameTaken = refusal(
  'scheme.name-taken',
  (f: { name: string; what: string }) =>
    `Two ${f.what} are called “${f.name}”. Give one another name, so that they can be told apart.`,
);
const schemeRole = refusal(
  'scheme.role',
  (f: { role: string; names: readonly string[]; where: string }) =>
    f.names.length === 0
      ? `A scheme needs one type with the role ${f.role}, ${f.where}: no book can do without it.`
      : f.names.length === 1
        ? `“${f.names[0] ?? ''}” has the role ${f.role}; it must stand ${f.where}.`
        : `${f.names.map((name) => `“${name}”`).join(' and ')} all have the role ${f.role}. Exactly one may.`,
);
const sectionUnknown = refusal(
  'scheme.section-unknown',
  (f: { section: string }) => `The scheme has no section “${f.section}”.`,
);
const schemeTooLarge = refusal(
  'scheme.too-large',
  () =>
    `A scheme has at most ${MOST_SECTIONS} sections and ${MOST_TYPES} types. Take out what no book uses.`,
);

interface Part {
  readonly id: string;
  readonly name: string;
}

/** What is wrong with a scheme as a whole, each with its place. Sections without types are allowed. */
export function faultsOfScheme(scheme: Scheme, at = ''): Refusal[] {
  const place = (list: string) => (at === '' ? list : `${at}.${list}`);
  if (scheme.sections.length > MOST_SECTIONS || scheme.types.length > MOST_TYPES)
    return [schemeTooLarge({}, at)];
  return [
    ...(isNamed(scheme) ? [] : [schemeNameless({ what: 'The scheme' }, place('name'))]),
    ...faultsOfList(scheme.sections, 'sections', place('sections')),
    ...faultsOfList(scheme.types, 'types', place('types')),
    ...scheme.types.flatMap((type, i) =>
      sectionById(scheme, type.section)
        ? []
        : [sectionUnknown({ section: type.section }, `${place('types')}[${i}].section`)],
    ),
    ...roleFaults(scheme, 'retained-earnings', place('types')),
    ...roleFaults(scheme, 'suspense', place('types')),
  ];
}

const isNamed = ({ name }: Part): boolean =>
  name.trim() !== '' && name.trim().length <= LONGEST_SCHEME_NAME;

function faultsOfList(parts: readonly Part[], what: string, at: string): Refusal[] {
  const ids = new Set<string>();
  const names = new Set<string>();
  const one = what === 'types' ? 'A type' : 'A section';
  return parts.flatMap((part, i) => {
    const place = `${at}[${i}]`;
    const name = part.name.trim().toLowerCase();
    const faults: Refusal[] = [];
    if (!isNamed(part)) faults.push(schemeNameless({ what: one }, place));
    else if (names.has(name)) faults.push(schemeNameTaken({ name: part.name, what }, place));
    if (ids.has(part.id)) faults.push(schemeIdTaken({ id: part.id }, place));
    ids.add(part.id);
    names.add(name);
    return faults;
  });
}

const NEEDED: Partial<
  Record<Role, { role: string; where: string; fits: (of: string) => boolean }>
> = {
  'retained-earnings': {
    role: 'retained earnings',
    where: 'in a section of equity, on its plain side',
    fits: (of) => of === 'equity',
  },
  suspense: {
    role: 'suspense',
    where: 'on the balance sheet, on its plain side',
    fits: (of) => of === 'asset' || of === 'liability',
  },
};

function roleFaults(scheme: Scheme, role: Role, at: string): Refusal[] {
  const needed = NEEDED[role];
  if (!needed) return [];
  const bearers = scheme.types.filter((type) => type.role === role);
  const stands = (type: AccountType) =>
    !type.contra && needed.fits(sectionById(scheme, type.section)?.class ?? '');
  if (bearers.length === 1 && bearers.every(stands)) return [];
  const names = bearers.map((type) => type.name);
  return [schemeRole({ role: needed.role, names, where: needed.where }, at)];
}
