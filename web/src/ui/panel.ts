/** The theme's colours of the panel panel for plain SVG, which is drawn faster than styled parts. */
export const panel = 'var(--nz-colors-panel)'
export const ink = String.raw`var(--nz-colors-panel\.ink)`
export const quiet = String.raw`var(--nz-colors-panel\.quiet)`
export const hair = String.raw`var(--nz-colors-panel\.hair)`
