/** Whether two values of a form hold the same. */
export const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other)

type Tree = Record<string, unknown>

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)

/** What was typed since a base, laid over what someone else made of that base; a list that was touched is taken whole. */
export function laidOver<T>(base: T, mine: T, newer: T): T {
  if (same(mine, base)) return newer
  if (same(newer, base) || !isTree(base) || !isTree(mine) || !isTree(newer)) return mine
  const names = [...new Set([...Object.keys(newer), ...Object.keys(mine)])]
  const parts = names.map((name) => [name, laidOver(base[name], mine[name], newer[name])] as const)
  return Object.fromEntries(parts.filter(([, part]) => part !== undefined)) as T
}

/** A place where two values of a form differ. */
export interface Difference {
  path: string
  one: unknown
  other: unknown
}

/** Where two values of a form differ, part by part; lists as a whole. */
export function differences(one: unknown, other: unknown, path = ''): Difference[] {
  if (same(one, other)) return []
  if (!isTree(one) || !isTree(other)) return [{ path, one, other }]
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].flatMap((name) =>
    differences(one[name], other[name], path === '' ? name : `${path}.${name}`),
  )
}
