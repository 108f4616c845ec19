import { useEffect, useState } from 'react'

export type Theme = 'light' | 'dark'
const key = 'nerezza.theme'

function stored(): Theme {
  const kept = localStorage.getItem(key)
  if (kept === 'light' || kept === 'dark') return kept
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
}

/** The theme of this device, kept between visits; the page's root carries it as a class. */
export function useTheme(): [Theme, (theme: Theme) => void] {
  const [theme, setTheme] = useState<Theme>(stored)
  useEffect(() => {
    document.documentElement.classList.remove('light', 'dark')
    document.documentElement.classList.add(theme)
    localStorage.setItem(key, theme)
  }, [theme])
  return [theme, setTheme]
}
