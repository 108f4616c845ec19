import { useEffect, useRef, useState } from 'react'

export interface Rest {
  startedAt: number
  endsAt: number
  leastAt: number
}

/** How long after its end a rest is still shown, seconds: later nobody waits for it. */
const overFor = 600

export interface RestClock {
  /** Null while nothing is rested from. */
  rest: Rest | null
  /** Seconds; below zero when it is over. */
  left: number
  tooSoon: boolean
  start: (seconds: number, least: number) => void
  stop: () => void
}

const placeOf = (clientId: string) => `nerezza.rest.${clientId}`

/** A client's rest, as this device keeps it; null where nothing is rested from. */
export function keptRest(clientId: string): Rest | null {
  const kept = localStorage.getItem(placeOf(clientId))
  const found = kept ? (JSON.parse(kept) as Rest) : null
  return found && Date.now() < found.endsAt + overFor * 1000 ? found : null
}

/** A client's rest by the device's clock: it goes on counting while the page is left, put away or opened again. */
export function useRest(clientId: string, onOver: () => void): RestClock {
  const place = placeOf(clientId)
  const [rest, setRest] = useState<Rest | null>(() => keptRest(clientId))
  const [now, setNow] = useState(Date.now())
  useEffect(() => {
    if (rest) localStorage.setItem(place, JSON.stringify(rest))
    else localStorage.removeItem(place)
    if (!rest) return
    const timer = setInterval(() => setNow(Date.now()), 250)
    return () => clearInterval(timer)
  }, [place, rest])
  const left = rest ? (rest.endsAt - now) / 1000 : 0
  const over = useRef(onOver)
  over.current = onOver
  const isOver = rest !== null && left <= 0
  const told = useRef(isOver)
  useEffect(() => {
    if (isOver && !told.current) over.current()
    told.current = isOver
  }, [isOver])
  useEffect(() => {
    if (rest && left < -overFor) setRest(null)
  }, [rest, left])
  return {
    rest,
    left,
    tooSoon: rest !== null && now < rest.leastAt,
    start: (seconds, least) => {
      const at = Date.now()
      setNow(at)
      setRest({ startedAt: at, endsAt: at + seconds * 1000, leastAt: at + least * 1000 })
    },
    stop: () => setRest(null),
  }
}
