/** Without accents and in small letters, so that "Leon" finds "León". */
export const folded = (text: string): string => text.normalize('NFD').replaceAll(/\p{M}/gu, '').toLowerCase()

/** Those whose name holds every word that is asked for; names that begin with it first, else in their order. */
export function found<T extends { name: string }>(all: readonly T[], asked: string, most: number): T[] {
  const words = folded(asked).split(/\s+/).filter(Boolean)
  if (words.length === 0) return []
  const hits = all.filter((one) => words.every((word) => folded(one.name).includes(word)))
  const begins = (one: T) => folded(one.name).startsWith(words[0] ?? '')
  return [...hits.filter(begins), ...hits.filter((one) => !begins(one))].slice(0, most)
}
