import createClient from 'openapi-fetch'
import { sendOnce } from './sendOnce'
import { type Wanted, wantedInWords } from '../text/wanted'
import type { paths } from './schema'

/** What went wrong with a request, in words that can be shown; fields by their path. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly detail: string,
    readonly fields: Readonly<Record<string, string>>,
    readonly type = '',
  ) {
    super(title)
  }
}

let token = ''

/** The antiforgery token of this page; every change carries it. */
export function setToken(value: string): void {
  token = value
}

export const api = createClient<paths>({ baseUrl: '', fetch: sendOnce })

api.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-Nerezza-Token', token)
    return request
  },
})

const ended = (text: string) => (/[.?]$/.test(text) ? text : `${text}.`)

interface ProblemBody {
  type?: string
  title?: string
  detail?: string
  errors?: Record<string, string[]>
  wanted?: Record<string, Wanted | null>
}

/** The data of an answer, or the problem thrown as an ApiProblem. */
export async function answer<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await call.catch(() => {
    throw new ApiProblem(0, 'The server cannot be reached.', 'Check the connection; what you typed is kept.', {})
  })
  if (response.ok) return data as T
  const body = (error ?? {}) as ProblemBody
  const told = (path: string, messages: string[]) => {
    const wanted = body.wanted?.[path]
    return wanted ? wantedInWords(wanted) : ended(messages.join('; '))
  }
  const fields = Object.fromEntries(Object.entries(body.errors ?? {}).map(([path, messages]) => [path, told(path, messages)]))
  throw new ApiProblem(response.status, body.title ?? 'That did not work.', body.detail ?? '', fields, body.type)
}
