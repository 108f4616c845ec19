import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client'
import type { QueryKey } from '@tanstack/react-query'
import Dexie, { type Table } from 'dexie'

// What the server answered, kept on this device for where there is no network: sessions, the list of clients, the day. Only while
// somebody is signed in.

const database = new Dexie('nerezza-kept') as Dexie & { kept: Table<PersistedClient, string> }
database.version(1).stores({ kept: '' })
const place = 'answers'

/** A mark of the shape of answers: what an older version of the application kept is not taken for today's. */
export const shapeOfAnswers = import.meta.env.VITE_CONTRACT ?? ''

export const keptForMs = 14 * 24 * 60 * 60 * 1000

/** Keeps the answers in the browser's database. A device without room keeps none: what is at hand goes on. */
export const persister: Persister = {
  persistClient: async (client) => {
    await database.kept.put(client, place).catch(() => undefined)
  },
  restoreClient: () => database.kept.get(place).catch(() => undefined),
  removeClient: () => forgetKept(),
}

/** Takes everything of the kind off this device. */
export async function forgetKept(): Promise<void> {
  await database.kept.clear().catch(() => undefined)
}

/** Whether an answer is kept: what the floor needs, and how one gets there. */
export function isKept(key: QueryKey): boolean {
  return (
    key[0] === 'session' ||
    (key[0] === 'clients' && key.length === 1) ||
    key[0] === 'day' ||
    (key[0] === 'client' && (key[2] === 'floor' || key[2] === 'ahead'))
  )
}
