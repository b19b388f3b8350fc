/** FNV-1a over a text, begun with a seed. Source: Fowler, Noll, Vo; public domain. */
export function textHash(text: string, seed: number): number {
  let hash = (0x811c9dc5 ^ seed) >>> 0;
  for (let i = 0; i < text.length; i++)
    hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash;
}
