import Dexie, { type EntityTable } from 'dexie'
import type { LogSet } from '../api/schema'

/** Something logged on this device that the server has not acknowledged yet. */
export interface Waiting {
  id: string
  clientId: string
  madeAt: number
  set?: LogSet
  /** The id of the set to take back. */
  withdraws?: string
  /** Why the server refused it; such an entry is shown and waits for the coach. */
  refused?: string
}

const database = new Dexie('nerezza-outbox') as Dexie & { waiting: EntityTable<Waiting, 'id'> }
database.version(1).stores({ waiting: 'id, clientId, madeAt' })

/** Puts an entry into the outbox before it is sent: a closed page or a lost connection cannot lose it. */
export async function put(entry: Waiting): Promise<void> {
  await database.waiting.put(entry)
}

export async function waitingFor(clientId: string): Promise<Waiting[]> {
  return database.waiting.where('clientId').equals(clientId).sortBy('madeAt')
}

export async function remove(id: string): Promise<void> {
  await database.waiting.delete(id)
}

/** Sends entries in the order made, and stops at the first that finds no server, so that the order holds. */
export async function sendAll(clientId: string, send: (entry: Waiting) => Promise<'sent' | 'later' | { refused: string }>): Promise<void> {
  for (const entry of await waitingFor(clientId)) {
    if (entry.refused) continue
    const outcome = await send(entry)
    if (outcome === 'later') return
    if (outcome === 'sent') await remove(entry.id)
    else await put({ ...entry, refused: outcome.refused })
  }
}
