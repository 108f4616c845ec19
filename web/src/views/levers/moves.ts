import type { LeverAsk } from '../../api/model'
import type { LeverReply, LeverRow } from '../../api/schema'

/** What the coach moved; null keeps the variation's own. */
export interface Moves {
  thighDeg: number
  leanDeg: number | null
  heelLiftCm: number | null
  stanceDeg: number | null
  kneeTravel: number | null
  raiseCm: number
  loadKg: number | null
  ankleGainCm: number
}

export const noMoves: Moves = {
  thighDeg: 0,
  leanDeg: null,
  heelLiftCm: null,
  stanceDeg: null,
  kneeTravel: null,
  raiseCm: 0,
  loadKg: null,
  ankleGainCm: 0,
}

export interface Shown {
  row: LeverRow
  reply: LeverReply
}

export function askOf(row: LeverRow, moves: Moves, sweepStep: number | null): LeverAsk {
  return {
    exercise: row.exercise,
    loadKg: moves.loadKg ?? row.loadKg,
    thighDeg: moves.thighDeg,
    leanDeg: moves.leanDeg,
    heelLift: moves.heelLiftCm === null ? null : moves.heelLiftCm / 100,
    stanceDeg: moves.stanceDeg,
    kneeTravel: moves.kneeTravel,
    raise: moves.raiseCm / 100,
    sweepStep,
  }
}
