import { request, type APIRequestContext, type FullConfig } from '@playwright/test';

interface Company {
  readonly name: string;
  readonly bookId: string;
}

async function revisions(asked: APIRequestContext): Promise<ReadonlyMap<string, number>> {
  const companies = (await (await asked.get('/api/companies')).json()) as Company[];
  const found = new Map<string, number>();
  for (const { name, bookId } of companies) {
    const book = (await (await asked.get(`/api/books/${bookId}`)).json()) as { revision: number };
    found.set(name, book.revision);
  }
  return found;
}

/** Stories go on beside each other: the companies that all of them find are as they were at the end. */
export default async function demoStays({ projects }: FullConfig): Promise<() => Promise<void>> {
  const asked = await request.newContext({
    baseURL: projects[0]?.use.baseURL ?? '',
    extraHTTPHeaders: { 'x-gleddo': '1' },
  });
  await asked.post('/api/demo-sign-in', { data: { person: 'ruth.marsh' } });
  const before = await revisions(asked);
  if (before.size === 0) throw new Error('The stories found no company of the demo.');
  return async () => {
    const after = await revisions(asked);
    await asked.dispose();
    const changed = [...before].filter(([name, revision]) => after.get(name) !== revision);
    if (changed.length === 0) return;
    const names = changed.map(([name]) => name).join(', ');
    throw new Error(`A story changed ${names}: it takes a company of its own (openOwnCompany).`);
  };
}
