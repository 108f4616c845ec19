import Dexie, { type EntityTable, liveQuery } from 'dexie'
import type { LogSet, NoteReadiness, NoteWarning } from '../api/schema'

/** Something logged on this device that the server has not acknowledged yet. */
export interface Waiting {
  id: string
  clientId: string
  madeAt: number
  /** Whose it is, by the address signed in with; it is sent under no other. */
  account?: string
  set?: LogSet
  /** The id of the set to take back. */
  withdraws?: string
  /** A sign that ended the session. */
  warning?: NoteWarning
  /** How the client came in. */
  readiness?: NoteReadiness
  /** Why the server refused it; such an entry is shown and waits for the coach. */
  refused?: string
  /** The server has it; it stays here until the pages have heard of it, so that no set looks undone in between. */
  sent?: boolean
}

/** What came of sending one entry. */
export type Outcome = 'sent' | 'later' | { refused: string }

const database = new Dexie('nerezza-outbox') as Dexie & { waiting: EntityTable<Waiting, 'id'> }
database.version(1).stores({ waiting: 'id, clientId, madeAt' })

/** Puts an entry into the outbox before it is sent: a closed page or a lost connection cannot lose it. */
export async function put(entry: Waiting): Promise<void> {
  await database.waiting.put(entry)
}

export async function waitingFor(clientId: string): Promise<Waiting[]> {
  return database.waiting.where('clientId').equals(clientId).sortBy('madeAt')
}

/** Everything on this device of an account; what was kept before entries had one is anyone's. */
export async function waitingOf(account: string): Promise<Waiting[]> {
  const all = await database.waiting.orderBy('madeAt').toArray()
  return all.filter((entry) => entry.account === undefined || entry.account === account)
}

/** Calls back now and after every change of the outbox, from this page or another one; returns how to stop. */
export function watch<T>(ask: () => Promise<T>, onValue: (value: T) => void): () => void {
  const subscription = liveQuery(ask).subscribe({ next: onValue })
  return () => subscription.unsubscribe()
}

/** How much the server does not have yet, of whatever account. */
export async function countUnsent(): Promise<number> {
  return database.waiting.filter((entry) => !entry.sent).count()
}

export async function remove(id: string): Promise<void> {
  await database.waiting.delete(id)
}

/** Lets a refused entry be sent once more. */
export async function sendAgain(id: string): Promise<void> {
  await database.waiting
    .where('id')
    .equals(id)
    .modify((entry) => delete entry.refused)
}

/**
 * Sends an account's entries in the order made, and stops at the first that finds no server or nobody signed in, so that the order
 * holds.
 */
export async function sendAll(account: string, send: (entry: Waiting) => Promise<Outcome>): Promise<void> {
  for (const entry of await waitingOf(account)) {
    if (entry.refused || entry.sent) continue
    const outcome = await send(entry)
    if (outcome === 'later') return
    await put(outcome === 'sent' ? { ...entry, sent: true } : { ...entry, refused: outcome.refused })
  }
}
