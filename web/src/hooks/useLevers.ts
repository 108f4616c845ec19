import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answer, api } from '../api/client'
import type { LeverReply, LeversView } from '../api/schema'
import { loadModel, type LeverQuestion, type Model } from '../api/model'
import { type Fetched, fetched } from './fetched'

export function useLevers(id: string): Fetched<LeversView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'levers'],
      queryFn: () => answer(api.GET('/api/clients/{id}/levers', { params: { path: { id } } })),
    }),
  )
}

export type ModelState =
  { state: 'loading' } | { state: 'failed' } | { state: 'ready'; ask: (question: LeverQuestion) => readonly LeverReply[] }

/** Core's own model in the page; until it is there the server's first picture stands. */
export function useModel(): ModelState {
  const [model, setModel] = useState<Model | 'failed' | null>(null)
  useEffect(() => {
    let here = true
    loadModel().then(
      (loaded) => here && setModel(() => loaded),
      () => here && setModel('failed'),
    )
    return () => {
      here = false
    }
  }, [])
  if (model === null) return { state: 'loading' }
  return model === 'failed' ? { state: 'failed' } : { state: 'ready', ask: model }
}
