import { useRef } from 'react'

/** What was said of a value, for as long as the value is what it was said of: a refusal goes when its field is changed. */
export function useStanding<T>(said: T | null | undefined, of: unknown): T | undefined {
  const at = useRef<{ said: T | null | undefined; of: unknown }>({ said: undefined, of })
  if (at.current.said !== said) at.current = { said, of }
  return said != null && Object.is(at.current.of, of) ? said : undefined
}
