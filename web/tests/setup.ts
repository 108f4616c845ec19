import 'fake-indexeddb/auto'
import { afterEach, vi } from 'vitest'

afterEach(() => {
  sessionStorage.clear()
  localStorage.clear()
  vi.useRealTimers()
})
