/** Sizes of text, from ticks of scales, fine print, notes beside numbers, running text, entries and leads to titles, heads and figures; the
 *  last four for the screen's timer, the name on the door, and rest and load on the floor. */
export const textSizes = {
  tick: '11px',
  fine: '13px',
  note: '14px',
  plain: '15px',
  entry: '16px',
  lead: '17px',
  title: '19px',
  head: '24px',
  figure: '28px',
  beat: '40px',
  mark: '64px',
  rest: 'clamp(80px, 24vw, 140px)',
  weight: 'clamp(104px, 28vw, 200px)',
} as const

export type TextSize = keyof typeof textSizes
