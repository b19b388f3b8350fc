import { tellCopies } from './alike.js';
import { readAllShapes } from './files.js';
import { NAME_ROWS, SPOKEN_ROWS } from './name-rows.js';
import { readNames } from './names.js';
import { verdictOn, type Verdict } from './judge.js';
import { KEYS, workOf } from './works.js';
import type { Made } from './work.js';

const [count = '210', first = '1', show = ''] = process.argv.slice(2);

const out = (line: string) => process.stdout.write(`${line}\n`);

function tell(made: Made, verdict: Verdict): void {
  const lines = [
    ...verdict.misread.map((each) => `  not recognised: ${each}`),
    ...verdict.notFound.map((each) => `  not found:      ${each}`),
    ...verdict.falseAlarms.map((each) => `  false alarm:    ${each}`),
    ...verdict.twice.map((each) => `  marked twice:   ${each}`),
  ];
  if (lines.length === 0) return;
  out(
    `work ${made.seed}, ${made.key.book.company.name}; planted: ${made.planted.map(({ kind, described }) => `${kind} ${described[0] ?? ''}`).join('; ') || 'nothing'}`,
  );
  if (show !== '') out(`  harmless: ${made.harmless.join('; ')}`);
  lines.forEach(out);
}

const total = {
  works: 0,
  accounts: 0,
  misread: 0,
  planted: 0,
  notFound: 0,
  falseAlarms: 0,
  twice: 0,
};
for (let seed = Number(first); seed < Number(first) + Number(count); seed++) {
  const key = KEYS[seed % KEYS.length]?.();
  if (!key) continue;
  const made = workOf(key, seed);
  const verdict = verdictOn(made);
  total.works += 1;
  total.accounts += verdict.accounts;
  total.planted += verdict.planted;
  for (const kind of ['misread', 'notFound', 'falseAlarms', 'twice'] as const)
    total[kind] += verdict[kind].length;
  tell(made, verdict);
}
const recognised = (100 * (total.accounts - total.misread)) / total.accounts;
out('');
out(`${total.works} works with ${total.accounts} accounts and ${total.planted} faults:`);
out(`  recognised        ${recognised.toFixed(2)} %`);
out(`  faults not found  ${total.notFound}`);
out(`  false alarms      ${total.falseAlarms}`);
out(`  marked twice      ${total.twice}`);
for (const [what, rows] of [
  ['of the trade', NAME_ROWS],
  ['as people say them', SPOKEN_ROWS],
] as const) {
  const names = readNames(rows, show === '' ? () => undefined : out);
  out(
    `names ${what}: ${names.alarms} of ${names.honest} honest ones struck, of ${names.wrong} others ${names.asked} asked about and ${names.unseen} let pass`,
  );
}
const files = await readAllShapes(out);
out(`${files.count} shapes of file, ${files.misread} misread`);
tellCopies(Math.max(1, Math.round(Number(count) / 15)), Number(first), out);
