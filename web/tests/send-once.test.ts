import { afterEach, expect, it, vi } from 'vitest'
import { sendOnce } from '../src/api/sendOnce'

afterEach(() => vi.unstubAllGlobals())

const post = (body: string) => new Request('http://127.0.0.1/api/clients', { method: 'POST', body })

it('sends the same change once while it is under way, each other one and each later one for itself', async () => {
  let answers: (() => void)[] = []
  const sent = vi.fn(
    (request: Request) => new Promise<Response>((done) => answers.push(() => void request.text().then((text) => done(new Response(text))))),
  )
  vi.stubGlobal('fetch', sent)
  const asked = [sendOnce(post('Ana')), sendOnce(post('Ana')), sendOnce(post('Bo'))]
  await vi.waitFor(() => expect(answers).toHaveLength(2))
  answers.forEach((give) => give())
  expect(await Promise.all(asked.map(async (answer) => (await answer).text()))).toEqual(['Ana', 'Ana', 'Bo'])
  answers = []
  const later = sendOnce(post('Ana'))
  await vi.waitFor(() => expect(answers).toHaveLength(1))
  answers.forEach((give) => give())
  expect([await (await later).text(), sent.mock.calls.length]).toEqual(['Ana', 3])
})

it('lets a change that could not be sent be sent again', async () => {
  vi.stubGlobal('fetch', vi.fn().mockRejectedValueOnce(new TypeError('cut')).mockResolvedValueOnce(new Response('done')))
  await expect(sendOnce(post('Ana'))).rejects.toThrow('cut')
  expect(await (await sendOnce(post('Ana'))).text()).toBe('done')
})
