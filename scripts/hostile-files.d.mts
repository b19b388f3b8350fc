/** Name and bytes of each; they are made when they are asked for. */
export const HOSTILE_FILES: readonly (readonly [name: string, bytes: () => Uint8Array])[];
