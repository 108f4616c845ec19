import { useEffect } from 'react'

/** The title of the page: the client and the station, so that tabs can be told apart. */
export function usePageTitle(...parts: (string | null | undefined)[]): void {
  const title = [...parts.filter(Boolean), 'Nerezza'].join(', ')
  useEffect(() => {
    document.title = title
  }, [title])
}
