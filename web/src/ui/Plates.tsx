import { chakra } from '@chakra-ui/react'
import { mass } from '../text/numbers'

const Svg = chakra('svg')
const Rect = chakra('rect')
const Text = chakra('text')

const middle = 44
const fullSizeFrom = 20
const thin = 18

function size(kg: number): { width: number; height: number } {
  const height = kg >= fullSizeFrom ? 80 : 26 + Math.sqrt(kg) * 11
  return { width: kg >= fullSizeFrom ? 15 + kg * 0.35 : 12 + kg * 0.5, height }
}

/** Which plates are new against the set before, matched one for one. */
function changed(plates: readonly number[], before: readonly number[] | null | undefined): boolean[] {
  if (!before) return plates.map(() => false)
  const left = [...before]
  return plates.map((plate) => {
    const at = left.indexOf(plate)
    if (at >= 0) left.splice(at, 1)
    return at < 0
  })
}

/** How to load in words: each side 25 + 5 + 2.5, two changed. */
export function platesInWords(perSide: readonly number[], before?: readonly number[] | null): string {
  if (perSide.length === 0) return 'empty bar'
  const list = `each side ${perSide.map((kg) => mass(kg)).join(' + ')}`
  if (!before) return list
  const on = changed(perSide, before).filter(Boolean).length
  const off = changed(before, perSide).filter(Boolean).length
  if (on + off === 0) return `${list}, as it is`
  return `${list}; ${[on > 0 ? `put ${on} on` : '', off > 0 ? `take ${off} off` : ''].filter(Boolean).join(', ')}`
}

/** Places the plates side by side from the collar outward. */
function lay(perSide: readonly number[], marks: readonly boolean[]) {
  let x = 34
  const drawn = perSide.map((kg, i) => {
    const { width, height: tall } = size(kg)
    const plate = { kg, x, width, tall, mark: marks[i], key: `${kg}-${x}` }
    x += width + 2
    return plate
  })
  return { drawn, end: Math.max(x + 34, 150) }
}

/** One sleeve of the bar with its plates in order, heaviest inside; plates new since the last set carry a mark. */
export function Plates({
  perSide,
  before,
  height = 88,
}: {
  perSide: readonly number[]
  before?: readonly number[] | null
  height?: number | { base: number; lg: number }
}) {
  const marks = changed(perSide, before)
  const { drawn, end } = lay(perSide, marks)
  return (
    <Svg
      role="img"
      aria-label={platesInWords(perSide, before)}
      viewBox={`0 0 ${end} 88`}
      height={typeof height === 'number' ? `${height}px` : { base: `${height.base}px`, lg: `${height.lg}px` }}
      maxWidth="100%"
      display="block"
    >
      <Rect x={0} y={middle - 3} width={24} height={6} fill="panel.quiet" />
      <Rect x={24} y={middle - 11} width={7} height={22} fill="panel.quiet" />
      <Rect x={31} y={middle - 4} width={end - 31} height={8} fill="panel.hair" stroke="panel.quiet" strokeWidth={0.75} />
      {drawn.map(({ kg, x: left, width, tall, mark, key }) => (
        <g key={key}>
          <Rect
            x={left}
            y={middle - tall / 2}
            width={width}
            height={tall}
            fill={kg >= fullSizeFrom ? '#2a333a' : '#dfe4e7'}
            stroke="panel.ink"
            strokeWidth={1}
          />
          {/* Upright, a long number would run over a thin plate. */}
          <g transform={mass(kg).length > 2 && width < thin ? `rotate(-90 ${left + width / 2} ${middle})` : undefined}>
            <Text
              x={left + width / 2}
              y={middle + 4}
              textAnchor="middle"
              textStyle="tick"
              fontWeight="semibold"
              fontStretch="75%"
              fill={kg >= fullSizeFrom ? '#edf1f3' : '#12171a'}
            >
              {mass(kg)}
            </Text>
          </g>
          {mark && <Rect x={left + width / 2 - 2.5} y={middle - tall / 2 - 5} width={5} height={3} fill="panel.ink" />}
        </g>
      ))}
    </Svg>
  )
}
