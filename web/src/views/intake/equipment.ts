import type { EquipmentSection, Implement } from '../../api/schema'
import { plain } from '../../text/numbers'
import { typedNumber } from './facts'

export interface EquipmentDraft {
  items: Implement[]
  bars: { name: string; kg: string; kind: string }[]
  plates: { kg: string; pairs: string }[]
  collarKg: string
  dumbbellsKg: string
  kettlebellsKg: string
  sandbagsKg: string
  stackStepKg: string
}

/** Kit in the groups in which a coach looks for it. */
export const kitGroups: readonly { name: string; items: readonly Implement[] }[] = [
  {
    name: 'Bars and rack',
    items: ['barbell', 'safety-bar', 'trap-bar', 'smith', 'rack', 'bench', 'plates', 'blocks', 'box', 'wedge', 'landmine'],
  },
  { name: 'Free weights', items: ['dumbbells', 'kettlebells', 'sandbag', 'keg', 'stone', 'farmers-handles', 'sled'] },
  {
    name: 'Machines',
    items: [
      'cable',
      'leg-press',
      'hack-squat',
      'belt-squat',
      'leg-extension',
      'leg-curl-seated',
      'leg-curl-lying',
      'hip-thrust-machine',
      'hip-abduction-machine',
      'glute-kickback-machine',
      'glute-ham',
      'hip-extension-45',
      'hip-extension-90',
      'reverse-hyper',
      'sissy-bench',
      'calf-machine-standing',
      'calf-machine-seated',
      'pulldown',
      'row-machine',
      'fly-machine',
    ],
  },
  { name: 'Small things', items: ['bands', 'pull-up-bar', 'foam-roller', 'dowel', 'wall', 'roll-out-wheel'] },
]

const list = (values: readonly number[] | null | undefined) => (values ?? []).map((kg) => plain(kg, 3)).join(', ')
const text = (value: number | null | undefined) => (value === null || value === undefined ? '' : plain(value, 3))

export function equipmentDraftOf(saved: EquipmentSection): EquipmentDraft {
  return {
    items: [...(saved.items ?? [])],
    bars: (saved.bars ?? []).map((bar) => ({ name: bar.name, kg: plain(bar.kg, 3), kind: bar.kind ?? '' })),
    plates: (saved.plates ?? []).map((plate) => ({ kg: plain(plate.kg, 3), pairs: String(plate.pairs) })),
    collarKg: text(saved.collarKg),
    dumbbellsKg: list(saved.dumbbellsKg),
    kettlebellsKg: list(saved.kettlebellsKg),
    sandbagsKg: list(saved.sandbagsKg),
    stackStepKg: text(saved.stackStepKg),
  }
}

const numbers = (typed: string) =>
  typed
    .split(/[\s,;]+/)
    .filter((part) => part !== '')
    .map((part) => typedNumber(part) as number)

export function equipmentOf(draft: EquipmentDraft, saved: EquipmentSection): EquipmentSection {
  const diameters = new Map((saved.plates ?? []).map((plate) => [plate.kg, plate.diameterCm]))
  return {
    ...saved,
    items: draft.items,
    bars: draft.bars.map((bar) => ({ name: bar.name, kg: typedNumber(bar.kg) as number, kind: (bar.kind || null) as Implement | null })),
    plates: draft.plates.map((plate) => {
      const kg = typedNumber(plate.kg) as number
      return { kg, pairs: typedNumber(plate.pairs) as number, diameterCm: diameters.get(kg) ?? null }
    }),
    collarKg: typedNumber(draft.collarKg),
    dumbbellsKg: numbers(draft.dumbbellsKg),
    kettlebellsKg: numbers(draft.kettlebellsKg),
    sandbagsKg: numbers(draft.sandbagsKg),
    stackStepKg: typedNumber(draft.stackStepKg),
  }
}
