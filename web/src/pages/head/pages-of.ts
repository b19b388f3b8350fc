/** The pages that the head of every screen leads to, by who is signed in. */
export const PAGES = {
  instructor: [
    ['/today', 'Today'],
    ['/companies', 'Companies'],
    ['/exercises', 'Exercises'],
    ['/groups', 'Class groups'],
    ['/results', 'Results'],
  ],
  student: [
    ['/mine', 'My exercises'],
    ['/practice', 'Practice'],
  ],
} as const;
