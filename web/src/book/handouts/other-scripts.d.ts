declare module 'virtual:other-scripts' {
  const faces: readonly {
    /** The script, as its package has it. */
    readonly script: string;
    /** Its letters: `U+4E00-4E07,U+4E10`. */
    readonly ranges: string;
    readonly address: string;
  }[];
  export default faces;
}

declare module 'bidi-js' {
  interface Levels {
    readonly levels: Uint8Array;
  }
  export default function bidi(): { getEmbeddingLevels(text: string): Levels };
}
