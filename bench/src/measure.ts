/** The middle of several runs, in milliseconds; the first runs only warm up. */
export function median(run: () => unknown, runs = 15, warmUps = 5): number {
  for (let i = 0; i < warmUps; i++) run();
  const times = Array.from({ length: runs }, () => {
    const from = performance.now();
    run();
    return performance.now() - from;
  });
  times.sort((a, b) => a - b);
  return times[Math.floor(runs / 2)] ?? 0;
}

/** A line of the report: what, how long, and how many times as long as merely parsing the same JSON. */
export function report(what: string, took: number, parsing: number | null): void {
  const ratio = parsing === null ? '' : `   ${(took / parsing).toFixed(1)} × parsing the same JSON`;
  process.stdout.write(`${what.padEnd(58)} ${took.toFixed(2).padStart(9)} ms${ratio}\n`);
}

/**
 * Something measured beside the parsing of the same JSON, one after the other in one run: the middle of each. A
 * machine that slows down meanwhile slows both.
 */
export function beside(
  parse: () => unknown,
  run: () => unknown,
  { runs = 300, warmUps = 100 } = {},
) {
  const parsing: number[] = [];
  const running: number[] = [];
  for (let i = 0; i < warmUps + runs; i++) {
    const from = performance.now();
    parse();
    const between = performance.now();
    run();
    const to = performance.now();
    if (i < warmUps) continue;
    parsing.push(between - from);
    running.push(to - between);
  }
  const middle = (times: number[]) => times.sort((a, b) => a - b)[runs >> 1] ?? 0;
  return { parsing: middle(parsing), took: middle(running) };
}
