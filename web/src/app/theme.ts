import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react'
import { textSizes } from '../ui/text-size'

/** Panel and intensity: flat plates, hairlines, 2 px corners. Colour is kept for intensity; stop and caution have one red. */
const config = defineConfig({
  cssVarsPrefix: 'nz',
  preflight: true,
  globalCss: {
    'html, body, #root': { height: '100%' },
    html: { fontFamily: 'body', fontSize: '16px' },
    body: { bg: 'ground', color: 'ink', fontSize: 'plain', lineHeight: 1.35, fontVariantNumeric: 'tabular-nums' },
    '*:focus-visible': { outline: '3px solid', outlineColor: 'focus', outlineOffset: '1px' },
    '*': {
      scrollbarWidth: 'thin',
      scrollbarColor: 'var(--nz-colors-edge) transparent',
      '@media (prefers-reduced-motion: reduce)': { animationDuration: '0.01ms !important', transitionDuration: '0.01ms !important' },
    },
    '@page': { margin: '12mm' },
    'html, body, #root, #root > *': {
      '@media print': { height: 'auto !important', overflow: 'visible !important', background: '#fff !important' },
    },
    /* What scrolls on a screen would be cut at the end of a page, and so would a picture. */
    '#work, #work *': { '@media print': { overflow: 'visible !important' } },
    '#work svg': { '@media print': { maxWidth: '100%', height: 'auto' } },
    '#work tr, [data-figure], h2': { '@media print': { breakInside: 'avoid' } },
    h2: { '@media print': { breakAfter: 'avoid' } },
    '[data-print=no]': { '@media print': { display: 'none !important' } },
  },
  theme: {
    tokens: {
      fonts: {
        body: { value: "'Archivo Variable', system-ui, sans-serif" },
        heading: { value: "'Archivo Variable', system-ui, sans-serif" },
      },
      fontSizes: Object.fromEntries(Object.entries(textSizes).map(([size, value]) => [size, { value }])),
      fontWeights: { strong: { value: '650' } },
      /* target: least height of what is touched; hand: of what is touched between sets, with chalk on. */
      sizes: {
        target: { value: '44px' },
        hand: { value: '56px' },
        cell: { value: '34px' },
        chip: { value: '28px' },
        reading: { value: '80ch' },
        column: { value: '760px' },
        page: { value: '1060px' },
      },
      radii: {
        xs: { value: '2px' },
        sm: { value: '2px' },
        md: { value: '2px' },
        lg: { value: '2px' },
        xl: { value: '2px' },
      },
    },
    textStyles: Object.fromEntries(Object.keys(textSizes).map((size) => [size, { value: { fontSize: size } }])),
    semanticTokens: {
      colors: {
        ground: { value: { base: '#f0f2f4', _dark: '#1a1f23' } },
        plate: { value: { base: '#e2e6e9', _dark: '#232a2f' } },
        rail: { value: { base: '#cfd5d9', _dark: '#12161a' } },
        lifted: { value: { base: '#ffffff', _dark: '#2c343a' } },
        ink: { value: { base: '#12171a', _dark: '#edf1f3' } },
        quiet: { value: { base: '#48545c', _dark: '#a9b5bd' } },
        hair: { value: { base: '#b4bdc3', _dark: '#3d474e' } },
        edge: { value: { base: '#6a767e', _dark: '#7f8c95' } },
        focus: { value: { base: '#0b57b8', _dark: '#8fc0ff' } },
        panel: { value: { base: '#14191d', _dark: '#0c1013' } },
        'panel.ink': { value: '#edf1f3' },
        'panel.quiet': { value: '#a3afb7' },
        'panel.hair': { value: '#38424a' },
        'panel.lifted': { value: '#20272c' },
        'plates.ground': { value: '#0c1013' },
        paper: { value: '#ffffff' },
        'paper.ink': { value: '#000000' },
        'paper.band': { value: '#e6e6e6' },
        stop: { value: { base: '#b3261e', _dark: '#ff8a80' } },
        'panel.stop': { value: '#ff8a80' },
        intensity1: { value: { base: '#d9b13b', _dark: '#e0bd55' } },
        intensity2: { value: { base: '#b0722f', _dark: '#c08542' } },
        intensity3: { value: { base: '#7f4488', _dark: '#9a5fa4' } },
        intensity4: { value: { base: '#2f5c9c', _dark: '#4472b4' } },
        intensity5: { value: { base: '#c3def2', _dark: '#cfe6f7' } },
        intensityEdge: { value: { base: '#5b666d', _dark: '#8d99a1' } },
      },
    },
  },
})

export const system = createSystem(defaultConfig, config)
