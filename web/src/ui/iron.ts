/** The theme's colours of the iron panel for plain SVG, which is drawn faster than styled parts. */
export const iron = 'var(--nz-colors-iron)'
export const ink = String.raw`var(--nz-colors-iron\.ink)`
export const quiet = String.raw`var(--nz-colors-iron\.quiet)`
export const hair = String.raw`var(--nz-colors-iron\.hair)`
