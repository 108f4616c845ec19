import fc from 'fast-check'
import { afterEach, describe, expect, it, test } from 'vitest'
import type { ChosenLine, ClientSection, EquipmentSection, HealthView, IntakeView, Pick } from '../src/api/schema'
import { weekdays } from '../src/text/codes'
import { keepUnits, readMeasure, toldMeasure } from '../src/text/numbers'
import { idOf, ownDraftOf, ownOf } from '../src/views/catalogue/own'
import { added, letBack, pinned, swapped, takenOut } from '../src/views/exercises/picks'
import { draftOf as healthDraftOf, healthOf, painOf } from '../src/views/health/draft'
import { equipmentDraftOf, equipmentOf, usualSets } from '../src/parts/kit/equipment'
import { draftOf, emptyFacts, factsOf, schoolsOf } from '../src/parts/facts'
import { fieldErrors } from '../src/parts/SaveBar'
import { ApiProblem } from '../src/api/client'

afterEach(() => keepUnits('kg'))

const tenths = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((value) => value / 10)
const isSquat = (id: string) => id.includes('squat')
const isHinge = (id: string) => id.includes('deadlift')

const facts: fc.Arbitrary<ClientSection> = fc.record({
  name: fc.string({ minLength: 1 }),
  birthYear: fc.option(fc.integer({ min: 1940, max: 2015 })),
  sex: fc.constantFrom('female', 'male', 'unspecified'),
  heightCm: tenths(140, 210),
  massKg: tenths(40, 160),
  trainingYears: fc.option(tenths(0, 30)),
  level: fc.constantFrom('novice', 'intermediate', 'advanced'),
  goal: fc.constantFrom('strength', 'muscle', 'events', 'general', 'return'),
  diet: fc.constantFrom('surplus', 'maintenance', 'deficit'),
  competition: fc.option(fc.constant({ date: '2027-05-01' })),
  targetLifts: fc.constantFrom([], ['front-squat'], ['sumo-deadlift', 'front-squat'], ['front-squat', 'sumo-deadlift']),
  days: fc.subarray([...weekdays], { minLength: 1 }).map((days) => days.map((day) => ({ day, minutes: 60 }))),
  segmentsCm: fc.record({
    shank: fc.option(tenths(30, 50)),
    thigh: fc.option(tenths(30, 55)),
    torso: fc.option(tenths(40, 60)),
    arm: fc.option(tenths(50, 80)),
    foot: fc.option(tenths(20, 32)),
  }),
  emphasis: fc.constantFrom([], ['vasti'], ['gluteus-maximus', 'lats']),
  otherTraining: fc.constantFrom(
    [],
    [{ day: 'tue', kind: 'run', minutes: 45, hard: true }],
    [{ day: 'sat', kind: 'sport', minutes: 90, hard: true, match: true }],
  ),
  likes: fc.constantFrom([], ['leg-press']),
  dislikes: fc.constantFrom([], [{ exercise: 'walking-lunge', never: true }]),
  events: fc.constantFrom([], [{ kind: 'carry-medley', date: null }]),
  trainsAlone: fc.boolean(),
  guardianConsent: fc.boolean(),
}) as fc.Arbitrary<ClientSection>

describe('the facts of a client', () => {
  it('go through the form and come out as they went in', () => {
    fc.assert(
      fc.property(facts, (saved) => {
        const view = { facts: saved, schools: { progression: 'linear' } } as IntakeView
        expect(factsOf(draftOf(view, isSquat, isHinge), saved)).toEqual(saved)
        expect(schoolsOf(draftOf(view, isSquat, isHinge)).progression).toBe('linear')
      }),
    )
  })

  it('are held in kilograms and centimetres, whatever unit they are read and typed in', () => {
    keepUnits('lb')
    fc.assert(
      fc.property(facts, (saved) => {
        const draft = draftOf({ facts: saved, schools: {} } as IntakeView, isSquat, isHinge)
        expect(factsOf(draft, saved)).toEqual(saved)
        // Typed again as it reads, it is the same to what a tenth of a pound and a hundredth of an inch leave.
        const again = (measure: 'mass' | 'length', held: string) => Number(readMeasure(measure, toldMeasure(measure, held)))
        expect(Math.abs(again('mass', draft.massKg) - saved.massKg)).toBeLessThan(0.03)
        expect(Math.abs(again('length', draft.heightCm) - saved.heightCm)).toBeLessThan(0.02)
      }),
    )
  })

  test.each([
    ['mass', '45', 'kg', '45'],
    ['mass', '45', 'lb', '20.412'],
    ['mass', 'eighty', 'lb', 'eighty'],
    ['mass', '', 'lb', ''],
    ['length', '1,75', 'kg', '1.75'],
    ['length', '70', 'lb', '177.8'],
    ['masses', '10; 25 ten', 'lb', '4.536, 11.34, ten'],
  ] as const)('a %s of %j typed in %s is held as %j', (measure, typed, units, held) => {
    keepUnits(units)
    expect(readMeasure(measure, typed)).toBe(held)
  })

  it('keep what this page does not show', () => {
    const saved = { ...factsOf(emptyFacts()), health: { flags: ['hernia'] } } as ClientSection
    expect(factsOf({ ...emptyFacts(), name: 'New' }, saved).health).toEqual({ flags: ['hernia'] })
  })

  it('keep a day whose minutes were emptied, and send what is no number as it was typed', () => {
    const typed = factsOf({ ...emptyFacts(), massKg: 'eighty', minutes: { wed: '75', mon: '60', fri: ' ' } })
    expect(typed.days).toEqual([
      { day: 'mon', minutes: 60 },
      { day: 'wed', minutes: 75 },
      { day: 'fri', minutes: null },
    ])
    expect(typed.massKg).toBe('eighty')
  })
})

describe('the kit', () => {
  const kit: EquipmentSection = {
    items: ['barbell', 'rack'],
    bars: [{ name: 'bar', kg: 20, kind: 'barbell' }],
    plates: [
      { kg: 20, pairs: 2, diameterCm: 45 },
      { kg: 1.25, pairs: 1, diameterCm: null },
    ],
    collarKg: 0.5,
    dumbbellsKg: [10, 12.5],
    kettlebellsKg: [],
    sandbagsKg: [45],
    stackStepKg: null,
    bands: [{ name: 'light', points: [{ cm: 100, kg: 0 }] }],
  }

  it('comes out as it went in, with the bands that the form does not show', () =>
    expect(equipmentOf(equipmentDraftOf(kit), kit)).toEqual(kit))

  test.each([
    ['10, 12.5 15', [10, 12.5, 15]],
    ['10;12.5\n15', [10, 12.5, 15]],
    ['', []],
    ['10, ten', [10, 'ten']],
  ])('reads %j as a list', (typed, read) =>
    expect(equipmentOf({ ...equipmentDraftOf(kit), dumbbellsKg: typed }, kit).dumbbellsKg).toEqual(read),
  )

  it('has usual sets that all read as numbers', () => {
    for (const { draft } of [...usualSets('kg'), ...usualSets('lb')])
      expect(JSON.stringify(equipmentOf(draft, {}))).not.toMatch(/"(kg|pairs|collarKg|stackStepKg)":"/)
  })
})

describe('health answers', () => {
  const view = {
    health: { flags: ['hernia', 'heart'], clearedBy: { name: 'Dr A', profession: 'physician', date: '2026-11-01', flags: ['hernia'] } },
    pain: [{ region: 'knee', worseOn: ['squatting'], exercise: 'leg-press', scoreDuring: 3, nerveSigns: true }],
  } as unknown as HealthView

  it('come out as they went in', () => {
    expect(healthOf(healthDraftOf(view))).toEqual(view.health)
    expect(painOf(healthDraftOf(view))).toMatchObject(view.pain)
  })

  it('clear only what is still answered', () => expect(healthOf({ ...healthDraftOf(view), flags: ['heart'] }).clearedBy?.flags).toEqual([]))

  it('send a clearance as soon as it is begun, and none before', () => {
    const empty = healthDraftOf({ health: {}, pain: [] } as unknown as HealthView)
    expect(healthOf(empty).clearedBy).toBeNull()
    expect(healthOf({ ...empty, clearedProfession: 'physio' }).clearedBy).toMatchObject({ name: '', profession: 'physio' })
    expect(painOf(empty)).toEqual([])
  })
})

describe('picks', () => {
  const line = (exercise: string, of: object = {}) =>
    ({
      face: { exercise },
      rivals: [{ exercise: 'front-squat', kind: 'main' }],
      isPicked: false,
      pinKind: 'main',
      ...of,
    }) as unknown as ChosenLine
  const some = fc.uniqueArray(
    fc.record({ exercise: fc.constantFrom('a', 'b', 'front-squat', 'leg-press'), kind: fc.constantFrom('banned', 'main', 'accessory') }),
    { selector: (pick) => pick.exercise },
  ) as fc.Arbitrary<Pick[]>

  it('hold an exercise once, whatever is done', () => {
    fc.assert(
      fc.property(some, (picks) => {
        for (const after of [
          swapped(picks, line('a'), 'b'),
          added(picks, 'a'),
          takenOut(picks, 'a'),
          letBack(picks, 'a'),
          pinned(picks, line('a')),
        ])
          expect(new Set(after.map((pick) => pick.exercise)).size).toBe(after.length)
        expect(letBack(takenOut(picks, 'a'), 'a').some((pick) => pick.exercise === 'a')).toBe(false)
      }),
    )
  })

  it('put the new one where the server says that it would stand', () => {
    expect(swapped([], line('back-squat'), 'front-squat')).toEqual([
      { exercise: 'back-squat', kind: 'banned' },
      { exercise: 'front-squat', kind: 'main' },
    ])
    expect(swapped([], line('back-squat'), 'leg-press')[1]).toEqual({ exercise: 'leg-press', kind: 'accessory' })
    expect(pinned([{ exercise: 'a', kind: 'main' }], line('a', { isPicked: true }))).toEqual([])
  })
})

describe('an exercise of one’s own', () => {
  test.each([
    ['Harbour Squat', 'harbour-squat'],
    ['  45° Row (cable)  ', '45-row-cable'],
    ['—', ''],
  ])('%j has the id %j', (name, id) => expect(idOf(name)).toBe(id))

  it('comes out of the form as it went in', () => {
    const own = {
      id: 'harbour-squat',
      name: 'Harbour squat',
      pattern: 'squat',
      sides: 'both',
      kit: [{ needs: ['barbell', 'rack'] }, { needs: ['smith'] }],
      load: 'barbell',
      ratio: { of: 'front-squat', value: 0.9, spread: 12 },
      bodyFraction: null,
      curve: null,
      reps: { bottom: 3, top: 8 },
      setUpSeconds: 60,
      tempo: '3-1-1-0',
      fromFloor: false,
      muscles: { vasti: 'prime', 'gluteus-maximus': 'half' },
      length: 'long',
      hardest: 'bottom',
      positions: ['upright-trunk'],
      axial: 2,
      systemic: 2,
      soreness: 1,
      skill: 2,
      carriesTo: 'front-squat',
      answersLike: 'front-squat',
      conflicts: ['pain-knee'],
      stance: 'Feet wide.',
      escape: null,
      cues: ['Sit down', 'Stand up'],
      watch: 'Heels',
      caution: null,
      putAway: false,
    } as unknown as Parameters<typeof ownDraftOf>[0]
    expect(ownOf(ownDraftOf(own, 'change'))).toEqual(own)
    expect(ownOf({ ...ownDraftOf(own, 'change'), kit: '' }).kit).toEqual([{ needs: [] }])
    // A copy takes its max from what it was copied from, and has a name and an id of its own.
    const copy = ownOf({ ...ownDraftOf({ ...own, ratio: null }, 'copy'), name: 'Quay squat' })
    expect([copy.id, copy.ratio]).toEqual(['quay-squat', { of: 'harbour-squat', value: 1, spread: 15 }])
  })
})

test.each([
  ['stackStepKg', 'Too heavy.'],
  ['dumbbellsKg', 'Entry 3: 900 is not between 0.25 and 150 kg.'],
  ['bars[0].name', 'A name is wanted.'],
  ['bars', undefined],
  ['kettlebellsKg', undefined],
])('of %s the server said: %s', (path, told) => {
  const problem = new ApiProblem(400, 'Some fields need another look.', '', {
    'equipment.stackStepKg': 'Too heavy.',
    'equipment.dumbbellsKg[2]': '900 is not between 0.25 and 150 kg.',
    'equipment.bars[0].name': 'A name is wanted.',
  })
  expect(fieldErrors(problem, 'equipment')(path)).toBe(told)
})
