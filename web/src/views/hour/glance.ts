import type { HourLifter, Model } from '../../api/model'
import type { FloorItem, FloorView } from '../../api/schema'
import { keptDraft } from '../../hooks/useDraft'
import type { LifterSession } from '../../hooks/useHour'
import type { Waiting } from '../../offline/outbox'
import { clock, mass, massUnit } from '../../text/numbers'
import { draftsOf, howMuch, doneFor, nextTurn, platesFor, readinessOf, standing, stopOf, overOf } from '../../parts/floor/session'
import { adviceOf } from '../../parts/floor/useAdvice'
import { todayOf } from '../../parts/floor/useComingIn'
import { keptRest } from '../../parts/floor/useRest'

/** A lifter in passing: what is next, how long the rest still takes, what to look at. */
export interface Glance {
  id: string
  name: string
  /** The set at hand. */
  at: string
  rest: string
  /** What the coach should look at; empty where nothing is. */
  flag: string
  unsent: number
  lifter: HourLifter
}

const idle: HourLifter = { state: 'done', restLeft: 0, bar: null, kg: null, on: null, lastAt: 0 }

/** How things stand with a lifter. */
export function glanceAt({ id, view, loading, failed }: LifterSession, all: readonly Waiting[], model: Model | null, now: number): Glance {
  const waiting = all.filter((entry) => entry.clientId === id)
  const bare = { id, name: view?.client ?? '', rest: '', flag: '', unsent: waiting.filter((entry) => !entry.sent).length, lifter: idle }
  if (!view) return { ...bare, at: loading ? 'Fetching' : failed ? 'Cannot be fetched now' : 'No block' }
  const stop = stopOf(view, waiting, null)
  if (stop) return { ...bare, at: 'The session is over', flag: 'Stopped by a health answer' }
  if (view.items.length === 0) return { ...bare, at: 'No session' }
  return { ...bare, ...atHand(view, waiting, model, now) }
}

type Stands = ReturnType<typeof todayOf>

/** The session as it is done; worked out anew only when something was logged or chosen, for it is asked every second. */
function standingNow(planned: FloorView, waiting: readonly Waiting[], model: Model | null): Stands {
  const instead = keptDraft<Record<string, string>>(draftsOf(planned).instead) ?? {}
  const by = JSON.stringify([instead, waiting, model !== null])
  const before = known.get(planned)
  if (before?.by === by) return before.stands
  const stands = todayOf(model, standing(planned, instead, waiting), readinessOf(planned, waiting))
  known.set(planned, { by, stands })
  return stands
}

const known = new WeakMap<FloorView, { by: string; stands: Stands }>()

function atHand(
  planned: FloorView,
  waiting: readonly Waiting[],
  model: Model | null,
  now: number,
): Pick<Glance, 'at' | 'rest' | 'flag' | 'lifter'> {
  const drafts = draftsOf(planned)
  const { view, out } = standingNow(planned, waiting, model)
  const over = overOf(view, keptDraft<Record<string, boolean>>(drafts.ended) ?? {}, out)
  const turn = nextTurn(view, waiting, null, over)
  const item = turn ? view.items[turn.item] : undefined
  const set = turn ? item?.sets[turn.place] : undefined
  if (!item || !set) return { at: 'All sets are done', rest: '', flag: '', lifter: idle }
  const warmed = (keptDraft<Record<string, number>>(drafts.warmed) ?? {})[item.exercise] ?? 0
  const warmUp = set.place === 0 ? item.warmUp[warmed] : undefined
  const advice = adviceOf(model, view, item, waiting)
  const kg = warmUp ? warmUp.kg : ((advice?.place === set.place ? advice.next?.kg : null) ?? set.kg)
  const asksFor = advice !== null && (advice.ends || advice.next === null)
  const rest = keptRest(planned.clientId)
  const restLeft = rest ? (rest.endsAt - now) / 1000 : 0
  return {
    at: `${item.name}, ${warmUp ? `warm-up, ${warmUp.reps}` : howMuch(set)}${kg ? ` × ${mass(kg)} ${massUnit()}` : ''}`,
    rest: !rest ? '' : restLeft > 0 ? clock(restLeft) : `+${clock(-restLeft)}`,
    flag: asksFor ? advice.text : '',
    lifter: { state: asksFor ? 'flagged' : 'lifting', restLeft, bar: item.bar, kg, ...lastOnBar(view, item, waiting) },
  }
}

function lastOnBar(view: FloorView, item: FloorItem, waiting: readonly Waiting[]): Pick<HourLifter, 'on' | 'lastAt'> {
  const done = item.sets.flatMap((set) => {
    const one = doneFor(item, set, view.date, waiting)
    return one ? [{ set, one }] : []
  })
  const last = done.reduce<(typeof done)[number] | null>((newest, next) => (!newest || next.one.at > newest.one.at ? next : newest), null)
  return last ? { on: platesFor(item, last.set, last.one.kg), lastAt: last.one.at } : { on: null, lastAt: 0 }
}
