import { useEffect, useState } from 'react'

/** A value once it has rested for a moment: for what is too heavy to follow every frame of a drag. */
export function useSettled<T>(value: T, milliseconds: number): T {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), milliseconds)
    return () => clearTimeout(timer)
  }, [value, milliseconds])
  return settled
}
