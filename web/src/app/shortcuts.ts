import { type KeyboardEvent as ReactKeyboardEvent, useEffect } from 'react'
import { useNavigate } from 'react-router'
import { stations } from './StationLine'

function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
}

/** Keys that work everywhere on the desk but in a field: g then a number opens a station, ? the list of keys. */
export function useShortcuts(clientId: string | undefined, onList: () => void): void {
  const navigate = useNavigate()
  useEffect(() => {
    let leader = false
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return
      if (event.key === '?') {
        event.preventDefault()
        onList()
      }
      if (leader) {
        leader = false
        if (event.key === 'h') navigate('/')
        const station = stations.find((s) => s.key === event.key)
        if (station && clientId) navigate(`/clients/${clientId}/${station.path}`)
        return
      }
      leader = event.key === 'g'
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [clientId, navigate, onList])
}

/** j and k, or the arrows, move through a list that has the focus. */
export function listKeys(event: ReactKeyboardEvent<HTMLElement>, selector: string): void {
  const step = { j: 1, ArrowDown: 1, k: -1, ArrowUp: -1 }[event.key]
  if (!step) return
  const rows = [...event.currentTarget.querySelectorAll<HTMLElement>(selector)]
  const at = rows.indexOf(document.activeElement as HTMLElement)
  rows[Math.min(rows.length - 1, Math.max(0, at + step))]?.focus()
  event.preventDefault()
}
