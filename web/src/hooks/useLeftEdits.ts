import { useState } from 'react'
import type { BlockView, EditSection } from '../api/schema'
import { useRestoreVersion } from './useBlock'
import type { Stored } from './useBlockEdits'

/** Edits that were made to an older version and not kept before a newer one was made elsewhere. */
export interface LeftEdits {
  /** The version that they were made to. */
  number: number
  own: readonly EditSection[]
  /** Takes the newer version; these edits go on top of it. */
  layOver: () => void
  /** Goes back to the version that they were made to, as a new one, with these edits on top. */
  keepMine: () => void
  leave: () => void
}

const before = (clientId: string) => `nerezza.block.${clientId}.`

/** Where the edits of a version that are not kept yet stand in this tab. */
export const placeOf = (clientId: string, number: number) => before(clientId) + String(number)

/** Set where the version that they were made to is on its way back: they then go on top unasked. */
const comesBack = 'nerezza.comes-back'

/** What stands there; null where nothing does, or what an earlier version of the page left. */
export function read(place: string): Stored | null {
  const there = JSON.parse(sessionStorage.getItem(place) ?? 'null') as Partial<Stored> | null
  return there?.history && there.base ? (there as Stored) : null
}

function find(clientId: string, number: number): { number: number; own: readonly EditSection[] } | null {
  const older = Object.keys(sessionStorage)
    .filter((key) => key.startsWith(before(clientId)))
    .map((key) => Number(key.slice(before(clientId).length)))
    .filter((one) => one < number)
  if (older.length === 0) return null
  const from = Math.max(...older)
  const stored = read(placeOf(clientId, from))
  return stored && { number: from, own: stored.history.now.slice(stored.base.length) }
}

/** Nothing typed goes because somebody else kept a version meanwhile: what was left is found, and laid over the newer when asked. */
export function useLeftEdits(clientId: string, kept: BlockView) {
  const restore = useRestoreVersion(clientId)
  const [{ found, start }, setState] = useState(() => {
    const left = find(clientId, kept.number)
    if (!left || sessionStorage.getItem(comesBack) !== placeOf(clientId, left.number)) return { found: left, start: kept.edits }
    sessionStorage.removeItem(comesBack)
    sessionStorage.removeItem(placeOf(clientId, left.number))
    return { found: null, start: [...kept.edits, ...left.own] }
  })
  return {
    /** The edits that this version starts with. */
    start,
    edits: found,
    forget: () => {
      if (found) sessionStorage.removeItem(placeOf(clientId, found.number))
      setState({ found: null, start })
    },
    keepMine: () => {
      if (!found) return
      sessionStorage.setItem(comesBack, placeOf(clientId, found.number))
      restore.mutate(found.number)
    },
  }
}
