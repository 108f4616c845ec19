import { useEffect } from 'react'

/** After a form was not taken the focus is on the first field that is wrong. */
export function useFocusOnWrong(problem: Error | null): void {
  useEffect(() => {
    if (problem) document.querySelector<HTMLElement>('main [aria-invalid=true]')?.focus()
  }, [problem])
}
