import { useEffect, useState } from 'react'
import { loadModel, type Model } from '../api/model'

/** Core in the page; null while it is on its way, or where it cannot be had. */
export function useModel(): { model: Model | null; failed: boolean } {
  const [state, setState] = useState<{ model: Model | null; failed: boolean }>({ model: null, failed: false })
  useEffect(() => {
    let here = true
    loadModel().then(
      (model) => here && setState({ model, failed: false }),
      () => here && setState({ model: null, failed: true }),
    )
    return () => {
      here = false
    }
  }, [])
  return state
}
