import { type KeyboardEvent as ReactKeyboardEvent, useEffect, useMemo, useRef } from 'react'
import { createKeybindingsHandler } from 'tinykeys'
import { keysAreOn } from './on'
import { type KeyId, registry } from './registry'

/** What a key does; false leaves the press to the browser. */
type Act = (event: KeyboardEvent) => unknown
export type Acts = Partial<Record<KeyId, Act>>

/** How long the first key of two waits for the second, milliseconds. */
const sequenceMs = 2000

const fields = ['INPUT', 'TEXTAREA', 'SELECT']

/** Whether a press belongs to a field that is being typed in. */
export function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || fields.includes(target.tagName))
}

/** A handler of these keys, the same from drawing to drawing. */
function useHandler(acts: Acts): (event: KeyboardEvent) => void {
  const latest = useRef(acts)
  latest.current = acts
  const ids = Object.keys(acts).join(' ')
  return useMemo(() => {
    const bound: Record<string, (event: KeyboardEvent) => void> = {}
    for (const id of ids.split(' ') as KeyId[])
      for (const press of registry[id].press)
        bound[press] = (event) => {
          if (latest.current[id]?.(event) !== false) event.preventDefault()
        }
    const handle = createKeybindingsHandler(bound, { timeout: sequenceMs })
    return (event) => {
      // Arrows, Enter and Escape are how a keyboard moves at all: what is switched off are the letters, signs and digits.
      const heard = keysAreOn() || event.key.length > 1
      if (heard && !isTyping(event.target)) handle(event)
    }
  }, [ids])
}

/** Keys of a part of the page: bind what is given back to its onKeyDown. */
export function useKeys(acts: Acts): (event: ReactKeyboardEvent<HTMLElement>) => void {
  const handle = useHandler(acts)
  return (event) => handle(event.nativeEvent)
}

/** Keys of the whole page, while what binds them is shown and no dialog stands before it. */
export function useWindowKeys(acts: Acts): void {
  const handle = useHandler(acts)
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (!document.querySelector('[role=dialog][data-state=open], [role=alertdialog][data-state=open]')) handle(event)
    }
    addEventListener('keydown', hear)
    return () => removeEventListener('keydown', hear)
  }, [handle])
}

/** j and k, or the arrows, through the rows of a list that has the focus. */
export function useListKeys(selector: string, acts: Acts = {}): (event: ReactKeyboardEvent<HTMLElement>) => void {
  const list = useRef<HTMLElement | null>(null)
  const step = (by: number) => () => {
    const rows = [...(list.current?.querySelectorAll<HTMLElement>(selector) ?? [])]
    const at = rows.indexOf(document.activeElement as HTMLElement)
    rows[Math.min(rows.length - 1, Math.max(0, at + by))]?.focus()
  }
  const keys = useKeys({ next: step(1), previous: step(-1), ...acts })
  return (event) => {
    list.current = event.currentTarget
    keys(event)
  }
}
