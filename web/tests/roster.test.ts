import { expect, it } from 'vitest'
import type { ClientLine } from '../src/api/schema'
import { columns, filters, listed } from '../src/views/roster/roster'

const on = '2026-11-30'
const line = (name: string, rest: Partial<ClientLine> = {}): ClientLine => ({
  id: name,
  name,
  nextSession: null,
  waiting: 0,
  week: null,
  weakPoint: null,
  lastSeen: null,
  isBehind: false,
  ...rest,
})
const clients = [
  line('Ada', { nextSession: '2026-12-02', waiting: 2, week: { number: 3, of: 4, kind: 'strength' }, lastSeen: '2026-11-28' }),
  line('Bo', { nextSession: on, weakPoint: { title: 'Ankle range', course: 'closing', courseName: 'closing' }, lastSeen: '2026-11-01' }),
  line('Cléo', { weakPoint: { title: 'Trunk endurance', course: 'worse', courseName: 'worse' }, waiting: 1 }),
]
const names = (find: string, filter: (typeof filters)[number], column: (typeof columns)[number], descending = false) =>
  listed(clients, { find, filter, column, descending }, on)
    .map((client) => client.name)
    .join(' ')

it.each([
  ['', 'all', 'name', 'Ada Bo Cléo'],
  ['', 'waiting', 'name', 'Ada Cléo'],
  ['', 'today', 'name', 'Bo'],
  ['', 'unplanned', 'name', 'Cléo'],
  ['', 'unseen', 'name', 'Bo Cléo'],
  ['cleo', 'all', 'name', 'Cléo'],
  ['ankle closing', 'all', 'name', 'Bo'],
  ['strength week 3', 'all', 'name', 'Ada'],
  ['nobody', 'all', 'name', ''],
  ['', 'all', 'next', 'Bo Ada Cléo'],
  ['', 'all', 'block', 'Ada Bo Cléo'],
  ['', 'all', 'weakPoint', 'Cléo Bo Ada'],
  ['', 'all', 'seen', 'Bo Ada Cléo'],
  ['', 'all', 'waiting', 'Ada Cléo Bo'],
] as const)('of “%s”, %s, by %s: %s', (find, filter, column, expected) => {
  expect(names(find, filter, column)).toBe(expected)
})

it('turns the order round and leaves what is missing at the end', () => {
  expect(names('', 'all', 'name', true)).toBe('Cléo Bo Ada')
  expect(names('', 'all', 'next', true)).toBe('Ada Bo Cléo')
})
