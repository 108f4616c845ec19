import { useState } from 'react'

/** A file of rows that is being looked at, and what was said of it so far. */
export function useTable<T extends { name: string; content: string }>() {
  const [asked, setAsked] = useState<T | null>(null)
  // Each answer reads the file anew; the count stands for all that was said in the key of the query.
  const [change, setChange] = useState(0)
  // Once a file is kept the field is a new one, so that the same file can be chosen again.
  const [files, setFiles] = useState(0)
  return {
    asked,
    change,
    files,
    say: (part: Partial<T>) => {
      setAsked((before) => before && { ...before, ...part })
      setChange((count) => count + 1)
    },
    choose: (table: T) => {
      setAsked(table)
      setChange((count) => count + 1)
    },
    done: () => {
      setAsked(null)
      setFiles((count) => count + 1)
    },
  }
}

/** The columns once one of them says something else: what a column says no other says, but for those that may say it together. */
export function saying<T extends string>(
  columns: readonly { at: number; says: T | null }[],
  at: number,
  says: T | null,
  together?: T,
): { at: number; says: T }[] {
  return columns.flatMap((column) => {
    const taken = column.says === says && says !== together
    const said = column.at === at ? says : taken ? null : column.says
    return said ? [{ at: column.at, says: said }] : []
  })
}
