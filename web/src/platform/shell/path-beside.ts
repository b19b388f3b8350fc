/** The address of another page of what one is in: `/companies/1/journal` beside `/companies/1/chart`. */
export const pathBeside = (pathname: string, page: string): string =>
  pathname.slice(0, pathname.lastIndexOf('/') + 1) + page;
