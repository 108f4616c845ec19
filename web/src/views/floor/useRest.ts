import { useEffect, useState } from 'react'

export interface Rest {
  endsAt: number
  leastAt: number
}

const key = 'nerezza.rest'

/** Rest that counts down, and goes on counting when the page is left and opened again. */
export function useRest(): {
  left: number
  tooSoon: boolean
  running: boolean
  start: (seconds: number, least: number) => void
  stop: () => void
} {
  const [rest, setRest] = useState<Rest | null>(() => {
    const kept = sessionStorage.getItem(key)
    return kept ? (JSON.parse(kept) as Rest) : null
  })
  const [now, setNow] = useState(Date.now())
  useEffect(() => {
    if (rest) sessionStorage.setItem(key, JSON.stringify(rest))
    else sessionStorage.removeItem(key)
    if (!rest) return
    const timer = setInterval(() => setNow(Date.now()), 250)
    return () => clearInterval(timer)
  }, [rest])
  const left = rest ? Math.max(0, (rest.endsAt - now) / 1000) : 0
  return {
    left,
    tooSoon: rest !== null && now < rest.leastAt,
    running: rest !== null && left > 0,
    start: (seconds, least) => {
      const at = Date.now()
      setNow(at)
      setRest({ endsAt: at + seconds * 1000, leastAt: at + least * 1000 })
    },
    stop: () => setRest(null),
  }
}
