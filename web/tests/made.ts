import type { BlockPart, FloorItem, FloorSet, FloorView, ItemPart } from '../src/api/schema'

type SetPart = ItemPart['sets'][number]

export const set = (of: Partial<SetPart> = {}): SetPart => ({
  reps: 5,
  percent: 80,
  of: 'e1rm',
  kg: 100,
  each: null,
  count: null,
  bar: 'bar',
  perSide: [20, 20],
  rpe: 7,
  tempo: '2-0-X-0',
  restSeconds: 210,
  side: null,
  amrap: false,
  seconds: null,
  metres: null,
  ...of,
})

export const item = (exercise: string, sets: SetPart[] = [set(), set(), set()], of: Partial<ItemPart> = {}): ItemPart => ({
  exercise,
  role: 'main',
  purpose: 'main',
  superset: null,
  because: 'It is there.',
  cues: [],
  warmUp: [{ kg: 20, reps: 8 }],
  settings: { boxCm: null, pinCm: null, heelCm: null, blockCm: null, stance: '', note: '' },
  sets,
  ...of,
})

/** Two weeks from Wednesday 25 November: a squat on Wednesday, a hinge and a row on Monday; the row in the second week alone. */
export function block(): BlockPart {
  const session = (day: 'wed' | 'mon', date: string, items: ItemPart[]) => ({ day, date, minutes: 60, items })
  return {
    kind: 'strength',
    start: '2026-11-25',
    weeks: [
      {
        number: 1,
        kind: 'load',
        sessions: [session('wed', '2026-11-25', [item('squat')]), session('mon', '2026-11-30', [item('hinge')])],
      },
      {
        number: 2,
        kind: 'load',
        sessions: [
          session('wed', '2026-12-02', [item('squat')]),
          session('mon', '2026-12-07', [item('row', undefined, { role: 'accessory' }), item('hinge')]),
        ],
      },
    ],
  }
}

/** What the server says is asked of each kind. */
const asks: Record<FloorSet['kind'], FloorSet['asks']> = {
  lift: ['load', 'reps', 'rpe'],
  'body-weight': ['load', 'reps', 'rpe'],
  hold: ['load', 'seconds'],
  carry: ['load', 'metres', 'seconds'],
  medley: ['metres', 'seconds'],
  throw: ['load', 'reps', 'height', 'metres', 'word'],
  jump: ['reps', 'height', 'metres', 'word'],
  priming: ['word'],
  drill: ['load', 'clean'],
}

export const floorSet = (place: number, of: Partial<FloorSet> = {}): FloorSet =>
  ({
    place,
    kind: 'lift',
    reps: 5,
    percent: 80,
    kg: 100,
    perSide: [20, 20],
    rpe: 8,
    side: null,
    metres: null,
    seconds: null,
    amrap: false,
    implements: [],
    done: null,
    ...of,
    asks: of.amrap ? ['load', 'reps', 'reserve'] : asks[of.kind ?? 'lift'],
    way: of.metres ? of.metres * Math.max(1, of.implements?.length ?? 0) : null,
  }) as FloorSet

export const floorItem = (exercise: string, sets: FloorSet[], of: Partial<FloorItem> = {}): FloorItem =>
  ({ exercise, sets, warmUp: [], substitutes: [], loads: [], bands: [], seconds: 600, superset: null, ...of }) as unknown as FloorItem

export const floor = (...items: FloorItem[]): FloorView =>
  ({
    date: '2026-11-25',
    items,
    order: items.flatMap((one, item) => one.sets.map(({ place }) => ({ item, place }))),
    session: { week: 2, weekKind: 'load', minutes: 60 },
  }) as unknown as FloorView
