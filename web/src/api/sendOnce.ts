const underWay = new Map<string, Promise<Response>>()

/** Sends a request. The same change asked for again while it is under way is the same change: a double click adds one client, not two. */
export async function sendOnce(request: Request): Promise<Response> {
  if (request.method === 'GET') return fetch(request)
  const key = [request.method, request.url, await request.clone().text()].join(' ')
  const sent = underWay.get(key) ?? fetch(request).finally(() => underWay.delete(key))
  underWay.set(key, sent)
  return (await sent).clone()
}
