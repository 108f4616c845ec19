import { useEffect, useState } from 'react'

export type Theme = 'light' | 'dark'
const key = 'nerezza.theme'

function stored(): Theme {
  const kept = localStorage.getItem(key)
  if (kept === 'light' || kept === 'dark') return kept
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
}

function wear(theme: Theme) {
  document.documentElement.classList.remove('light', 'dark')
  document.documentElement.classList.add(theme)
}

/** The theme of this device, kept between visits; the page's root carries it as a class. Paper is white: it is printed in the light one. */
export function useTheme(): [Theme, (theme: Theme) => void] {
  const [theme, setTheme] = useState<Theme>(stored)
  useEffect(() => {
    wear(theme)
    localStorage.setItem(key, theme)
    const onPaper = () => wear('light')
    const onScreen = () => wear(theme)
    addEventListener('beforeprint', onPaper)
    addEventListener('afterprint', onScreen)
    return () => {
      removeEventListener('beforeprint', onPaper)
      removeEventListener('afterprint', onScreen)
    }
  }, [theme])
  return [theme, setTheme]
}
