import type { EquipmentSection, Implement } from '../../api/schema'
import { currentUnits, kgOf, typedNumber, type Units } from '../../text/numbers'

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

const list = (values: readonly number[] | null | undefined) => (values ?? []).join(', ')
const text = (value: number | null | undefined) => (value === null || value === undefined ? '' : String(value))

export function equipmentDraftOf(saved: EquipmentSection): EquipmentDraft {
  return {
    items: [...(saved.items ?? [])],
    bars: (saved.bars ?? []).map((bar) => ({ name: bar.name, kg: String(bar.kg), kind: bar.kind ?? '' })),
    plates: (saved.plates ?? []).map((plate) => ({ kg: String(plate.kg), pairs: String(plate.pairs) })),
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

const plates = (...pairs: [string, string][]) => pairs.map(([kg, count]) => ({ kg, pairs: count }))
const nothing = { bars: [], plates: [], collarKg: '', dumbbellsKg: '', kettlebellsKg: '', sandbagsKg: '', stackStepKg: '' }

type Kit = Omit<EquipmentDraft, 'items'>

/** Iron that was cast in pounds, in kilograms. */
function castInPounds(kit: Kit): Kit {
  const kg = (pounds: string) =>
    pounds
      .split(', ')
      .map((one) => (one === '' ? '' : String(kgOf(Number(one), 'lb'))))
      .join(', ')
  return {
    bars: kit.bars.map((bar) => ({ ...bar, kg: kg(bar.kg) })),
    plates: kit.plates.map((plate) => ({ ...plate, kg: kg(plate.kg) })),
    collarKg: kg(kit.collarKg),
    dumbbellsKg: kg(kit.dumbbellsKg),
    kettlebellsKg: kg(kit.kettlebellsKg),
    sandbagsKg: kg(kit.sandbagsKg),
    stackStepKg: kg(kit.stackStepKg),
  }
}

/** What a usual gym has, by the unit in which its iron is cast: 20 kg plates and 45 lb plates are two kinds of gym, not one number. */
const iron: Record<Units, { barbell: Kit; machines: Kit; home: Kit }> = {
  kg: {
    barbell: {
      ...nothing,
      bars: [{ name: 'bar', kg: '20', kind: 'barbell' }],
      plates: plates(['20', '3'], ['15', '1'], ['10', '2'], ['5', '2'], ['2.5', '2'], ['1.25', '1']),
      dumbbellsKg: '5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30',
      kettlebellsKg: '8, 12, 16, 20, 24',
    },
    machines: {
      ...nothing,
      bars: [
        { name: 'bar', kg: '20', kind: 'barbell' },
        { name: 'smith', kg: '15', kind: 'smith' },
      ],
      plates: plates(['20', '4'], ['10', '3'], ['5', '3'], ['2.5', '2'], ['1.25', '2']),
      dumbbellsKg: '2.5, 5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30, 35, 40',
      kettlebellsKg: '8, 12, 16, 20, 24',
      stackStepKg: '5',
    },
    home: { ...nothing, kettlebellsKg: '12, 16' },
  },
  lb: {
    barbell: {
      ...nothing,
      bars: [{ name: 'bar', kg: '45', kind: 'barbell' }],
      plates: plates(['45', '3'], ['35', '1'], ['25', '2'], ['10', '2'], ['5', '2'], ['2.5', '1']),
      dumbbellsKg: '10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65',
      kettlebellsKg: '18, 26, 35, 44, 53',
    },
    machines: {
      ...nothing,
      bars: [
        { name: 'bar', kg: '45', kind: 'barbell' },
        { name: 'smith', kg: '35', kind: 'smith' },
      ],
      plates: plates(['45', '4'], ['25', '3'], ['10', '3'], ['5', '2'], ['2.5', '2']),
      dumbbellsKg: '5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 80',
      kettlebellsKg: '18, 26, 35, 44, 53',
      stackStepKg: '10',
    },
    home: { ...nothing, kettlebellsKg: '26, 35' },
  },
}

const kitOf: Record<'barbell' | 'machines' | 'home', Implement[]> = {
  barbell: [
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
  machines: [
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
  home: ['kettlebells', 'bands', 'bench', 'wall'],
}

const cast = (gym: keyof typeof kitOf, units: Units) => (units === 'lb' ? castInPounds(iron.lb[gym]) : iron.kg[gym])

/** Kit that many gyms have, cast in the coach's unit, to start from; every count can then be changed. */
export const usualSets = (units: Units = currentUnits()) =>
  [
    { name: 'Barbell gym', draft: { items: kitOf.barbell, ...cast('barbell', units) } },
    { name: 'Gym with machines', draft: { items: kitOf.machines, ...cast('machines', units) } },
    { name: 'At home', draft: { items: kitOf.home, ...cast('home', units) } },
  ] as const
