import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef } from 'react'
import { answer, api } from '../api/client'
import { limits } from '../api/limits'
import type { BlockView, CopyBlock, DraftView, EditSection, PlanPlace, PlanRequest, VersionDifference, VersionLine } from '../api/schema'
import { type Fetched, fetched } from './fetched'
import { today } from '../text/dates'
import { useFileChange } from './useFileChange'

const path = (id: string) => ({ params: { path: { id } } })

const blockOn = (id: string, day: string) =>
  queryOptions({
    queryKey: ['client', id, 'block', day],
    queryFn: async (): Promise<BlockView | null> =>
      (await answer(api.GET('/api/clients/{id}/block', { params: { path: { id }, query: { on: day } } }))) ?? null,
  })

/** The block in force on a day; null when none was made yet. */
export function useBlock(id: string, on: string | null = null): Fetched<BlockView | null> {
  return fetched(useQuery(blockOn(id, on ?? today())))
}

/** How long a hand rests on a client before their block is fetched ahead: one that only passes over the list asks for nothing. */
const restMs = 60

/** Fetches a client's block while the hand or the keys are on their name, so that it is there when it is opened. */
export function useFetchAhead(id: string) {
  const queries = useQueryClient()
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined)
  const leave = () => clearTimeout(waiting.current)
  useEffect(() => leave, [])
  const rest = () => {
    leave()
    waiting.current = setTimeout(() => void queries.prefetchQuery({ ...blockOn(id, today()), staleTime: 10_000 }), restMs)
  }
  return { onPointerEnter: rest, onPointerLeave: leave, onFocus: rest, onBlur: leave }
}

export function useMakePlan(id: string) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: PlanRequest) => answer(api.POST('/api/clients/{id}/plans', { ...path(id), body })),
    onSuccess: () => queries.invalidateQueries(),
  })
}

const { least, most } = limits.planRequest.weeks

/** What a block over these weeks would do to those that stand; nothing is asked until start and weeks are there. */
export function usePlanPlace(id: string, start: string, weeks: number | null): PlanPlace | undefined {
  return useQuery({
    queryKey: ['client', id, 'block', 'place', start, weeks],
    enabled: start !== '' && weeks !== null && weeks >= least && weeks <= most,
    retry: false,
    queryFn: () => answer(api.POST('/api/clients/{id}/plans/preview', { ...path(id), body: { start, weeks } })),
  }).data
}

const draftOf = (id: string, number: number, edits: readonly EditSection[] | null) =>
  queryOptions({
    queryKey: ['client', id, 'block', 'draft', number, edits],
    retry: false,
    queryFn: () => answer(api.POST('/api/clients/{id}/block/preview', { ...path(id), body: { number, edits: [...(edits ?? [])] } })),
  })

/** The block as it would be with these edits; fetched only while there are some to try. */
export function useBlockDraft(id: string, number: number, edits: readonly EditSection[] | null): Fetched<DraftView> {
  return fetched(useQuery({ ...draftOf(id, number, edits), enabled: edits !== null }))
}

/** Asks for a draft before the page is drawn again, so that the server works meanwhile. */
export function useAskForDraft(id: string, number: number): (edits: readonly EditSection[]) => void {
  const queries = useQueryClient()
  return useCallback((edits) => void queries.prefetchQuery(draftOf(id, number, edits)), [queries, id, number])
}

/** A draft laid over the block that it was tried on. */
export const laidOver = (kept: BlockView, draft: DraftView): BlockView => ({
  ...kept,
  plan: { ...kept.plan, block: draft.block, maxes: draft.maxes },
  refused: draft.refused,
  cells: draft.cells,
  remarks: draft.remarks,
  sets: draft.sets,
  totals: draft.totals,
})

export function useKeepEdits(id: string, number: number) {
  return useFileChange(id, (edits: readonly EditSection[]) =>
    answer(api.PUT('/api/clients/{id}/block/edits', { ...path(id), body: { number, edits: [...edits] } })),
  )
}

/** The newest versions of the plan. */
export function useVersions(id: string): Fetched<readonly VersionLine[]> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'versions'],
      queryFn: () => answer(api.GET('/api/clients/{id}/block/versions', path(id))),
    }),
  )
}

/** What one version has otherwise than another; fetched only when one is asked about. */
export function useVersionDifference(id: string, number: number | null, against: number): Fetched<VersionDifference> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'versions', number, against],
      enabled: number !== null,
      queryFn: () =>
        answer(
          api.GET('/api/clients/{id}/block/versions/{number}/difference', {
            params: { path: { id, number: number ?? 0 }, query: { against } },
          }),
        ),
    }),
  )
}

export function useRestoreVersion(id: string) {
  return useFileChange(id, (number: number) =>
    answer(api.POST('/api/clients/{id}/block/versions/{number}/restoration', { params: { path: { id, number } } })),
  )
}

export function useCopyBlock(id: string) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: CopyBlock) => answer(api.POST('/api/clients/{id}/block/copies', { ...path(id), body })),
    onSuccess: () => queries.invalidateQueries(),
  })
}
