import type { ClientLine } from '../../api/schema'
import { folded } from '../../text/find'
import { addDays } from '../../text/dates'
import { words } from '../../text/codes'

export const columns = ['name', 'next', 'block', 'weakPoint', 'seen', 'waiting'] as const
export type Column = (typeof columns)[number]

export const filters = ['all', 'waiting', 'today', 'unplanned', 'unseen'] as const
export type Filter = (typeof filters)[number]

/** Who was not seen for so many days has been away. */
const unseenDays = 14

/** Whether a client is among those asked for. */
function passes(client: ClientLine, filter: Filter, today: string): boolean {
  switch (filter) {
    case 'all':
      return true
    case 'waiting':
      return client.waiting > 0
    case 'today':
      return client.nextSession === today
    case 'unplanned':
      return client.nextSession === null
    case 'unseen':
      return client.lastSeen === null || client.lastSeen < addDays(today, -unseenDays)
  }
}

/** Week and kind of the block, as they are read. */
export const blockText = (client: ClientLine): string =>
  client.week ? `${words(client.week.kind ?? '')}, week ${client.week.number} of ${client.week.of}` : ''

/** Everything that can be read of a client in the list. */
const textOf = (client: ClientLine): string =>
  folded([client.name, blockText(client), client.weakPoint?.title, client.weakPoint?.courseName].join(' '))

const worst = ['worse', 'same', 'not-measured-since', 'not-known', 'closing', 'closed']

/** What a column is ordered by; what is missing comes last. */
function orderOf(client: ClientLine, column: Column): string | number | null {
  switch (column) {
    case 'name':
      return null
    case 'next':
      return client.nextSession
    case 'block':
      return client.week ? `${words(client.week.kind ?? '')} ${client.week.number}` : null
    case 'weakPoint':
      return client.weakPoint ? worst.indexOf(client.weakPoint.course) : null
    case 'seen':
      return client.lastSeen
    case 'waiting':
      return -client.waiting
  }
}

interface Asked {
  find: string
  filter: Filter
  column: Column
  descending: boolean
}

/** Those asked for, in the order asked for; the list comes by name, and what is alike stays so. */
export function listed(clients: readonly ClientLine[], { find, filter, column, descending }: Asked, today: string): ClientLine[] {
  const asked = folded(find).split(/\s+/).filter(Boolean)
  const those = clients.filter((client) => passes(client, filter, today) && asked.every((word) => textOf(client).includes(word)))
  if (column === 'name') return descending ? those.reverse() : those
  const sign = descending ? -1 : 1
  return those.sort((one, other) => {
    const a = orderOf(one, column)
    const b = orderOf(other, column)
    if (a === null || b === null) return Number(a === null) - Number(b === null)
    return a < b ? -sign : a > b ? sign : 0
  })
}
