import type { EquipmentSection, Implement } from '../../api/schema'
import { massText, typedMass } from './facts'
import { mass, typedNumber } from '../../text/numbers'

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

const list = (values: readonly number[] | null | undefined) => (values ?? []).map((kg) => mass(kg, 3)).join(', ')

export function equipmentDraftOf(saved: EquipmentSection): EquipmentDraft {
  return {
    items: [...(saved.items ?? [])],
    bars: (saved.bars ?? []).map((bar) => ({ name: bar.name, kg: mass(bar.kg, 3), kind: bar.kind ?? '' })),
    plates: (saved.plates ?? []).map((plate) => ({ kg: mass(plate.kg, 3), pairs: String(plate.pairs) })),
    collarKg: massText(saved.collarKg),
    dumbbellsKg: list(saved.dumbbellsKg),
    kettlebellsKg: list(saved.kettlebellsKg),
    sandbagsKg: list(saved.sandbagsKg),
    stackStepKg: massText(saved.stackStepKg),
  }
}

const numbers = (typed: string) =>
  typed
    .split(/[\s,;]+/)
    .filter((part) => part !== '')
    .map((part) => typedMass(part) as number)

export function equipmentOf(draft: EquipmentDraft, saved: EquipmentSection): EquipmentSection {
  const diameters = new Map((saved.plates ?? []).map((plate) => [plate.kg, plate.diameterCm]))
  return {
    ...saved,
    items: draft.items,
    bars: draft.bars.map((bar) => ({ name: bar.name, kg: typedMass(bar.kg) as number, kind: (bar.kind || null) as Implement | null })),
    plates: draft.plates.map((plate) => {
      const kg = typedMass(plate.kg) as number
      return { kg, pairs: typedNumber(plate.pairs) as number, diameterCm: diameters.get(kg) ?? null }
    }),
    collarKg: typedMass(draft.collarKg),
    dumbbellsKg: numbers(draft.dumbbellsKg),
    kettlebellsKg: numbers(draft.kettlebellsKg),
    sandbagsKg: numbers(draft.sandbagsKg),
    stackStepKg: typedMass(draft.stackStepKg),
  }
}

const plates = (...pairs: [string, string][]) => pairs.map(([kg, count]) => ({ kg, pairs: count }))
const nothing = { bars: [], plates: [], collarKg: '', dumbbellsKg: '', kettlebellsKg: '', sandbagsKg: '', stackStepKg: '' }

/** Kit that many gyms have, to start from; every count can then be changed. */
export const usualSets: readonly [{ name: string; draft: EquipmentDraft }, ...{ name: string; draft: EquipmentDraft }[]] = [
  {
    name: 'Barbell gym',
    draft: {
      ...nothing,
      items: [
        'barbell',
        'rack',
        'bench',
        'plates',
        'dumbbells',
        'kettlebells',
        'bands',
        'box',
        'blocks',
        'wedge',
        'pull-up-bar',
        'wall',
        'dowel',
        'foam-roller',
      ],
      bars: [{ name: 'bar', kg: '20', kind: 'barbell' }],
      plates: plates(['20', '3'], ['15', '1'], ['10', '2'], ['5', '2'], ['2.5', '2'], ['1.25', '1']),
      dumbbellsKg: '5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30',
      kettlebellsKg: '8, 12, 16, 20, 24',
    },
  },
  {
    name: 'Gym with machines',
    draft: {
      ...nothing,
      items: [
        'barbell',
        'rack',
        'smith',
        'bench',
        'plates',
        'dumbbells',
        'kettlebells',
        'bands',
        'cable',
        'leg-press',
        'leg-extension',
        'leg-curl-seated',
        'hip-abduction-machine',
        'hip-extension-45',
        'calf-machine-standing',
        'pulldown',
        'row-machine',
        'fly-machine',
        'box',
        'wedge',
        'pull-up-bar',
        'wall',
        'foam-roller',
      ],
      bars: [
        { name: 'bar', kg: '20', kind: 'barbell' },
        { name: 'smith', kg: '15', kind: 'smith' },
      ],
      plates: plates(['20', '4'], ['10', '3'], ['5', '3'], ['2.5', '2'], ['1.25', '2']),
      dumbbellsKg: '2.5, 5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30, 35, 40',
      kettlebellsKg: '8, 12, 16, 20, 24',
      stackStepKg: '5',
    },
  },
  {
    name: 'At home',
    draft: { ...nothing, items: ['kettlebells', 'bands', 'bench', 'wall'], kettlebellsKg: '12, 16' },
  },
]
