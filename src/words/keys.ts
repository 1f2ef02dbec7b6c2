/** What is not longer stands as it is. */
const SHORT = 7

/**
 * What a text goes by in the words of a page: its English would take as much room there as its translation. A hash of 32
 * bits, in figures and letters; the build looks that no two texts of a view share one. Source: G. Fowler, L. C. Noll,
 * K.-P. Vo, "The FNV Non-Cryptographic Hash Algorithm" (FNV-1a).
 *
 * keyOf('Bedtime') //=> 'Bedtime'
 */
export function keyOf(id: string): string {
  if (id.length <= SHORT) return id
  let hash = 0x811c9dc5
  for (let i = 0; i < id.length; i++) hash = Math.imul(hash ^ id.charCodeAt(i), 0x01000193)
  return (hash >>> 0).toString(36)
}
