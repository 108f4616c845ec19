import type { AdviceBasis, FloorItem, FloorProposal, FloorSet, LeverBody, LeverReply, ReadinessSection, SetView } from './schema'

export interface LeverAsk {
  exercise: string
  loadKg: number
  thighDeg?: number | null
  leanDeg?: number | null
  heelLift?: number | null
  stanceDeg?: number | null
  kneeTravel?: number | null
  raise?: number | null
  /** Degrees between the points of the way down; left out, there are none. */
  sweepStep?: number | null
}

export interface LeverQuestion {
  body: LeverBody
  asks: readonly LeverAsk[]
}

/** Core compiled for the page: the same rules as on the server, called with text and answering with text. */
export interface Model {
  levers: (question: LeverQuestion) => readonly LeverReply[]
  /** What the next set of an exercise should be after what is done; null where the plan stands. */
  advice: (question: { basis: AdviceBasis; done: readonly AdviceDone[] }) => FloorProposal | null
  /** Each exercise as it is done today, by how the client comes in. */
  readiness: (question: { session: readonly (readonly ReadyWay[])[]; readiness: ReadinessSection }) => readonly ReadyAnswer[]
  /** Who is next among several lifters, and the order at each bar that some of them share. */
  hour: (question: HourQuestion) => HourAnswer
  /** The places of the exercises that fall away when there are only so many minutes. */
  timeShort: (question: { left: readonly PartLeft[]; minutes: number }) => readonly number[]
}

/** A set as done: what advice looks at. */
export type AdviceDone = Pick<SetView, 'place'> & Partial<SetView>

/** An exercise, or what can stand in for it, as readiness sees it. */
export type ReadyWay = Pick<FloorItem, 'name' | 'role' | 'answers' | 'seconds' | 'ready' | 'advice'>

/** An exercise as it is done today. */
export interface ReadyAnswer {
  /** Which of its substitutes, counted from 0; null itself. */
  instead: number | null
  isOut: boolean
  /** The first of the planned ones. */
  sets: readonly (Pick<FloorSet, 'kg' | 'reps' | 'amrap' | 'asks'> & { rpe: number })[]
  /** Whether sets may go on past what is planned; else the advice asks for no more. */
  mayGoOn: boolean
  /** What changes and why; empty where nothing does. */
  text: string
}

/** A lifter among several. */
export interface HourLifter {
  state: 'flagged' | 'lifting' | 'done'
  /** Seconds, below zero since it is over. */
  restLeft: number
  bar: FloorItem['bar']
  kg: number | null
  /** What the last set has left on a sleeve of the bar, and when that was. */
  on: readonly number[] | null
  lastAt: number
}

export interface HourQuestion {
  lifters: readonly HourLifter[]
}

export interface HourAnswer {
  order: readonly number[]
  bars: readonly SharedBar[]
}

/** The next sets at one bar, in the order that changes the fewest plates. */
export interface SharedBar {
  name: string
  order: readonly number[]
  perSide: readonly (readonly number[])[]
  changes: number
  changesInTurn: number
}

/** An exercise as far as it is still to do. */
export type PartLeft = Pick<FloorItem, 'role' | 'answers' | 'seconds'>

interface Exports {
  Levers: (question: string) => string
  Readiness: (question: string) => string
  Hour: (question: string) => string
  TimeShort: (question: string) => string
  Advice: (question: string) => string
}

interface Runtime {
  getAssemblyExports: (name: string) => Promise<{ Nerezza: { Page: { Exports: Exports } } }>
}

const folder = '/page'
/** What is large of it. */
const parts = [
  'dotnet.js',
  'dotnet.runtime.js',
  'dotnet.native.js',
  'dotnet.native.wasm',
  'System.Private.CoreLib.wasm',
  'Nerezza.Core.wasm',
]

/** Has the browser fetch it while nothing else is to do, so that the view that asks for it opens at once. */
export function fetchModelAhead(): void {
  const fetchThem = () => {
    for (const part of parts) {
      const link = document.createElement('link')
      Object.assign(link, { rel: 'prefetch', href: `${folder}/${part}` })
      document.head.append(link)
    }
  }
  if ('requestIdleCallback' in window) requestIdleCallback(fetchThem, { timeout: 10_000 })
  else setTimeout(fetchThem, 3_000)
}

let loading: Promise<Model> | null = null

/** Loads it once, when a view first asks for it. */
export function loadModel(): Promise<Model> {
  loading ??= start().catch((fault: unknown) => {
    loading = null
    throw fault
  })
  return loading
}

async function start(): Promise<Model> {
  const address = `${folder}/dotnet.js`
  const { dotnet } = (await import(/* @vite-ignore */ address)) as { dotnet: { create: () => Promise<Runtime> } }
  const runtime = await dotnet.create()
  const { Levers, Advice, Readiness, Hour, TimeShort } = (await runtime.getAssemblyExports('Nerezza.Page')).Nerezza.Page.Exports
  return {
    levers: (question) => JSON.parse(Levers(JSON.stringify(question))) as LeverReply[],
    readiness: (question) => JSON.parse(Readiness(JSON.stringify(question))) as ReadyAnswer[],
    hour: (question) => JSON.parse(Hour(JSON.stringify(question))) as HourAnswer,
    timeShort: (question) => JSON.parse(TimeShort(JSON.stringify(question))) as number[],
    advice: (question) => JSON.parse(Advice(JSON.stringify(question))) as FloorProposal | null,
  }
}
