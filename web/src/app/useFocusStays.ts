import { useEffect } from 'react'

const focusable = ['a[href]', 'button', 'input', 'select', 'textarea', '[tabindex="0"]'].map((one) => `main ${one}`).join(', ')

/** How many neighbours are remembered on each side. */
const near = 8

const isShown = (one: HTMLElement): boolean => one.isConnected && (one.checkVisibility?.() ?? true)

/**
 * What has the focus may be taken away: a row that is removed, a form that closes. The focus then goes to what came next, else to what
 * came before, and never falls to the page. Grids and dialogs look after their own.
 */
export function useFocusStays(): void {
  useEffect(() => {
    let last: HTMLElement | null = null
    let neighbours: HTMLElement[] = []
    const remember = (event: FocusEvent) => {
      if (!(event.target instanceof HTMLElement)) return
      last = event.target
      const all = last.closest('[role=grid], [role=dialog]') ? [] : [...document.querySelectorAll<HTMLElement>(focusable)]
      const at = all.indexOf(last)
      neighbours = at < 0 ? [] : [...all.slice(at + 1, at + 1 + near), ...all.slice(Math.max(0, at - near), at).reverse()]
    }
    const fell = () => last && !last.isConnected && (document.activeElement ?? document.body) === document.body
    const catchIt = () => {
      if (!fell()) return
      last = null
      const next = neighbours.find(isShown) ?? document.getElementById('work')
      next?.focus()
    }
    // What takes the focus by itself once it is drawn goes first.
    const observer = new MutationObserver(() => {
      if (fell()) requestAnimationFrame(() => setTimeout(catchIt))
    })
    document.addEventListener('focusin', remember)
    observer.observe(document.body, { childList: true, subtree: true })
    return () => {
      document.removeEventListener('focusin', remember)
      observer.disconnect()
    }
  }, [])
}
