const place = 'nerezza.logged-here'
/** More are not asked for: what is older can be corrected, not undone. */
const kept = 12

/** A set that was logged on this device. */
export interface LoggedHere {
  id: string
  /** By this device's own clock: what another clock says of it does not count. */
  at: number
}

export function loggedHere(): LoggedHere[] {
  return JSON.parse(sessionStorage.getItem(place) ?? '[]') as LoggedHere[]
}

export function rememberLogged(id: string, at: number): void {
  sessionStorage.setItem(place, JSON.stringify([...loggedHere(), { id, at }].slice(-kept)))
}
