/** Today on this device, as an ISO date. */
export function today(): string {
  const now = new Date()
  return iso(now)
}

export function iso(date: Date): string {
  return `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`
}

/** The next Monday, or today when it is one. */
export function comingMonday(): string {
  const date = new Date()
  date.setDate(date.getDate() + ((8 - date.getDay()) % 7))
  return iso(date)
}

/** A day so many days later. */
export function addDays(date: string, days: number): string {
  const day = new Date(`${date}T00:00:00Z`)
  day.setUTCDate(day.getUTCDate() + days)
  return day.toISOString().slice(0, 10)
}

const parts = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })
const whole = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' })
const short = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' })

/** Mon 30 Nov; today and tomorrow by name. */
export function dayName(date: string): string {
  if (date === today()) return 'today'
  const next = new Date()
  next.setDate(next.getDate() + 1)
  if (date === iso(next)) return 'tomorrow'
  return parts.format(new Date(`${date}T00:00:00Z`)).replace(',', '')
}

/** A day within a sentence: today, tomorrow, on Mon 30 Nov. */
export function onDay(date: string): string {
  const name = dayName(date)
  return name === 'today' || name === 'tomorrow' ? name : `on ${name}`
}

/** Monday 30 November 2026: for paper, which is read on other days. */
export function paperDate(date: string): string {
  return whole.format(new Date(`${date}T00:00:00Z`)).replace(',', '')
}

/** 30 Nov */
export function shortDate(date: string): string {
  return short.format(new Date(`${date}T00:00:00Z`))
}

const moment = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** A day of whatever year, for example 2 Mar 2025. */
export function withYear(date: string): string {
  return `${shortDate(date)} ${date.slice(0, 4)}`
}

/** 30 Nov, 14:05, by this device's clock. */
export function atTime(at: string): string {
  return moment.format(new Date(at))
}
