/** The pieces in which help comes, each telling more than the one before: where to look, the rule, a like case, what belongs there. */
export const HINT_PIECES = ['where', 'rule', 'example', 'answer'] as const;
export type HintPiece = (typeof HINT_PIECES)[number];
