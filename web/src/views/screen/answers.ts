import type { AskView, FaultSection, KeptScreen, ScreenSection, SidesSection, StepView } from '../../api/schema'

/** A screen as it is being taken. */
export interface ScreenDraft {
  screen: ScreenSection
  faults: FaultSection[]
}

export const emptyScreen: ScreenDraft = { screen: {}, faults: [] }

export function draftOf(kept: KeptScreen | undefined): ScreenDraft {
  return kept ? { screen: kept.screen, faults: [...kept.faults] } : emptyScreen
}

type Tree = Record<string, unknown>

/** The answer at a place of the screen; undefined and null are not tested. */
export function answerAt(screen: ScreenSection | undefined, path: string): unknown {
  return path.split('.').reduce<unknown>((at, step) => (at as Tree | null | undefined)?.[step], screen)
}

/** The screen with one answer changed; null takes it away. */
export function withAnswer(screen: ScreenSection, path: string, value: unknown): ScreenSection {
  const [first = '', ...rest] = path.split('.')
  const tree = screen as Tree
  if (rest.length === 0) return { ...tree, [first]: value } as ScreenSection
  return { ...tree, [first]: withAnswer((tree[first] ?? {}) as ScreenSection, rest.join('.'), value) } as ScreenSection
}

export const sidesAt = (screen: ScreenSection | undefined, path: string) => answerAt(screen, path) as SidesSection | null | undefined
export const numberAt = (screen: ScreenSection | undefined, path: string) => answerAt(screen, path) as number | null | undefined

function isAnswered({ ask }: AskView, screen: ScreenSection): boolean {
  const found = answerAt(screen, ask.path)
  if (ask.kind === 'sides') {
    const sides = found as SidesSection | null | undefined
    return typeof sides?.left === 'number' && typeof sides.right === 'number'
  }
  return found !== undefined && found !== null
}

export type StepState = 'done' | 'begun' | 'empty'

/** How far a step is: answers that are only given when something is seen do not count. */
export function stepState(step: StepView, screen: ScreenSection): StepState {
  const asks = step.asks.filter(({ ask }) => ask.onlyIfSeen === null)
  const answered = asks.filter((ask) => isAnswered(ask, screen)).length
  return answered === asks.length ? 'done' : answered > 0 ? 'begun' : 'empty'
}

export function keysOf({ ask }: AskView): number[] {
  if (!ask.keys) return []
  const { from, to, step } = ask.keys
  return Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => from + i * step)
}
