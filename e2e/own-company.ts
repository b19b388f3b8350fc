import type { Page } from '@playwright/test';
import { ask } from './exercise-steps.js';
import { comeInAs } from './people.js';

interface Company {
  readonly name: string;
  readonly bookId: string;
}

let made = 0;

/**
 * Opens the chart of a company that is a demo company in all but its name, and this story's alone:
 * two stories that change one book take back each other's changes.
 */
export async function openOwnCompany(page: Page, like: string): Promise<string> {
  await comeInAs(page, 'Ruth Marsh');
  const companies = (await (await page.request.get('/api/companies')).json()) as Company[];
  const of = companies.find(({ name }) => name === like)?.bookId;
  if (!of) throw new Error(`The demo has no company called ${like}.`);
  const { book } = (await (await page.request.get(`/api/books/${of}`)).json()) as {
    readonly book: { readonly company: object };
  };
  const name = `House of story ${process.pid}-${++made}`;
  const own = await ask(page, 'companies', {
    book: { ...book, company: { ...book.company, name } },
  });
  await page.goto(`/companies/${String(own['bookId'])}/chart`);
  return name;
}
