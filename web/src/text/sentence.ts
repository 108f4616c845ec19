/** With its first letter large. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** One; one and two; one, two and three. */
export const listed = (parts: readonly (string | number)[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`
