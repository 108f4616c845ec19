import { act, renderHook } from '@testing-library/react'
import { afterEach, expect, test } from 'vitest'
import { useTheme } from '../src/app/theme-choice'

const worn = () => [...document.documentElement.classList].filter((name) => name === 'light' || name === 'dark')

afterEach(() => localStorage.clear())

test('a dark page is printed light, and is dark again afterwards', () => {
  const { result, unmount } = renderHook(() => useTheme())
  act(() => result.current[1]('dark'))
  expect(worn()).toEqual(['dark'])
  dispatchEvent(new Event('beforeprint'))
  expect(worn()).toEqual(['light'])
  dispatchEvent(new Event('afterprint'))
  expect(worn()).toEqual(['dark'])
  expect(localStorage.getItem('nerezza.theme')).toBe('dark')
  unmount()
  dispatchEvent(new Event('beforeprint'))
  expect(worn()).toEqual(['dark'])
})
