/** Where a formula can stand: `opening:bank`, `entry:e1:0`, `entry:e1:date`, `document:d1:0:price`. */
export const placeAtOf = {
  opening: (account: string) => `opening:${account}`,
  line: (entry: string, at: number) => `entry:${entry}:${at}`,
  entryDate: (entry: string) => `entry:${entry}:date`,
  document: (document: string, part: string) => `document:${document}:${part}`,
  schedule: (schedule: string) => `schedule:${schedule}:total`,
  item: (item: string, part: string) => `item:${item}:${part}`,
  party: (party: string) => `party:${party}:opening`,
};
