import { Box } from '@chakra-ui/react'
import type { FigurePart, Pose, SpotPart } from '../api/schema'
import { plain } from '../text/numbers'
import { hair, ink, panel, quiet } from './panel'

interface Props {
  figure: FigurePart
  pose: Pose
  label: string
  /** A second posture laid over, as an outline. */
  over?: FigurePart | null
  detail: 'thumb' | 'large'
}

const scale = 200

interface Frame {
  left: number
  right: number
  top: number
}

/** What is in view, in metres: wide enough for the tallest lifter of the family. */
function frameOf(figure: FigurePart, family: Pose['family'], detail: Props['detail']): Frame {
  const points = [figure.heel, figure.ball, figure.knee, figure.hip, figure.shoulder, figure.bar]
  // The large one leaves room for the moments beside hip and knee.
  const room = detail === 'large' ? 0.3 : 0
  const left = Math.min(...points.map((point) => point.x)) - (family === 'split-squat' ? 0.75 : 0.35 + room)
  const right = Math.max(...points.map((point) => point.x)) + 0.42 + room
  return { left, right, top: Math.max(...points.map((point) => point.y)) + 0.36 }
}

/** A client doing a lift, drawn in their own proportions from the model's points. */
export function Figure({ figure, pose, label, over, detail }: Props) {
  const { family, hold } = pose
  const frame = frameOf(figure, family, detail)
  const floor = 0.1
  const width = (frame.right - frame.left) * scale
  const height = (frame.top + floor) * scale
  const at = (point: SpotPart): SpotPart => ({ x: (point.x - frame.left) * scale, y: (frame.top - point.y) * scale })
  const ground = frame.top * scale
  return (
    <Box color="panel.ink" w="100%" h="100%">
      <svg viewBox={`0 0 ${width} ${height}`} width="100%" height="100%" role="img" aria-label={label} preserveAspectRatio="xMidYMax meet">
        <line x1={0} x2={width} y1={ground} y2={ground} stroke={quiet} strokeWidth={2} />
        {figure.heel.y > 0.001 && <Wedge figure={figure} at={at} />}
        {family === 'thrust' && <Bench figure={figure} at={at} ground={ground} />}
        {over && <Body figure={over} pose={pose} at={at} look="outline" />}
        <Body figure={figure} pose={pose} at={at} look="solid" />
        <Load figure={figure} hold={hold} at={at} />
        {pose.support === 'post' && <Post figure={figure} at={at} ground={ground} />}
        {detail === 'large' && <Arms figure={figure} family={family} at={at} ground={ground} />}
      </svg>
    </Box>
  )
}

type At = (point: SpotPart) => SpotPart

/** A limb: thick at one end, thin at the other, round at both. */
function limb(from: SpotPart, to: SpotPart, wide: number, thin: number): string {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1
  const nx = -(to.y - from.y) / length
  const ny = (to.x - from.x) / length
  const a = (wide / 2) * scale
  const b = (thin / 2) * scale
  const at = (end: { x: number; y: number }, by: number) => `${end.x + nx * by} ${end.y + ny * by}`
  return `M${at(from, a)} L${at(to, b)} A${b} ${b} 0 0 0 ${at(to, -b)} L${at(from, -a)} A${a} ${a} 0 0 0 ${at(from, a)} Z`
}

/** A point along and beside the way from one to another: beside is to the left of it. */
function beside(from: SpotPart, to: SpotPart, along: number, aside: number): SpotPart {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1
  const ux = (to.x - from.x) / length
  const uy = (to.y - from.y) / length
  return { x: from.x + (to.x - from.x) * along - uy * aside, y: from.y + (to.y - from.y) * along + ux * aside }
}

interface BodyProps {
  figure: FigurePart
  pose: Pose
  at: At
  look: 'solid' | 'outline'
}

function Body({ figure, pose, at, look }: BodyProps) {
  const { family } = pose
  const outline = look === 'outline'
  const { ankle, knee, hip, shoulder } = figure
  const skin = outline
    ? { fill: 'none', stroke: quiet, strokeWidth: 2, strokeDasharray: '6 5' }
    : { fill: '#aab5bd', stroke: panel, strokeWidth: 2.5 }
  const far = outline ? skin : { ...skin, fill: '#6c7880' }
  const torso = beside(hip, shoulder, 1.02, 0)
  const neck = beside(hip, shoulder, 1.12, -0.015)
  const head = beside(hip, shoulder, 1.3, family === 'hinge' ? -0.03 : -0.02)
  const hands = handsOf(figure, pose)
  return (
    <g strokeLinejoin="round">
      {family === 'split-squat' && <RearLeg figure={figure} rear={pose.rear} at={at} style={far} />}
      <path d={limb(at(knee), at(ankle), 0.115, 0.07)} {...skin} />
      <path d={foot(figure, at)} {...skin} />
      <path d={limb(at(hip), at(knee), 0.185, 0.12)} {...skin} />
      <path d={limb(at(shoulder), at(neck), 0.1, 0.09)} {...skin} />
      <path d={limb(at(hip), at(torso), 0.2, 0.215)} {...skin} />
      <circle cx={at(head).x} cy={at(head).y} r={0.105 * scale} {...skin} />
      {hands && (
        <>
          <path d={limb(at(hands.elbow), at(hands.hand), 0.07, 0.05)} {...skin} />
          <path d={limb(at(shoulder), at(hands.elbow), 0.085, 0.07)} {...skin} />
        </>
      )}
      {!outline &&
        [ankle, knee, hip, shoulder].map((joint) => (
          <circle key={`${joint.x} ${joint.y}`} cx={at(joint).x} cy={at(joint).y} r={3.5} fill={panel} />
        ))}
    </g>
  )
}

/** The arm that is seen: where the elbow and the hand are. */
function handsOf(figure: FigurePart, { hold, support }: Pose): { elbow: SpotPart; hand: SpotPart } | null {
  const { hip, shoulder, bar } = figure
  if (support === 'post')
    return { elbow: { x: shoulder.x + 0.2, y: shoulder.y - 0.2 }, hand: { x: figure.ball.x + postAhead, y: shoulder.y - 0.16 } }
  if (hold === 'hands') return { elbow: beside(shoulder, bar, 0.5, 0), hand: bar }
  if (hold === 'back') return { elbow: beside(shoulder, hip, 0.5, 0.06), hand: { x: bar.x + 0.02, y: bar.y } }
  if (hold === 'front') return { elbow: { x: shoulder.x + 0.27, y: shoulder.y - 0.04 }, hand: { x: bar.x + 0.03, y: bar.y + 0.02 } }
  if (hold === 'chest') return { elbow: { x: shoulder.x + 0.1, y: shoulder.y - 0.27 }, hand: bar }
  if (hold === 'reach') return { elbow: { x: shoulder.x + 0.28, y: shoulder.y - 0.02 }, hand: { x: shoulder.x + 0.54, y: shoulder.y } }
  if (hold === 'hips') return { elbow: beside(shoulder, hip, 0.5, -0.14), hand: { x: hip.x - 0.03, y: hip.y + 0.1 } }
  return { elbow: { x: shoulder.x - 0.01, y: shoulder.y - 0.29 }, hand: { x: shoulder.x + 0.02, y: shoulder.y - 0.55 } }
}

function foot(figure: FigurePart, at: At): string {
  const { heel, ball, ankle } = figure
  const length = (ball.x - heel.x) / 0.7
  const corners = [
    { x: heel.x, y: heel.y },
    { x: ball.x, y: 0 },
    { x: heel.x + length, y: 0.005 },
    { x: heel.x + length - 0.015, y: 0.035 },
    { x: ankle.x + 0.06, y: ankle.y - 0.005 },
    { x: ankle.x - 0.035, y: ankle.y },
    { x: heel.x - 0.005, y: heel.y + 0.035 },
  ].map(at)
  return `M${corners.map((corner) => `${corner.x} ${corner.y}`).join(' L')} Z`
}

/** The rear leg of a split squat: knee low behind the front foot, toes on the floor behind it. The model says nothing of it. */
function RearLeg({ figure, rear, at, style }: { figure: FigurePart; rear: Pose['rear']; at: At; style: object }) {
  const { hip } = figure
  const thigh = Math.hypot(figure.knee.x - hip.x, figure.knee.y - hip.y)
  const drop = Math.min(thigh * 0.98, Math.max(0.1, hip.y - 0.09))
  const knee = { x: hip.x - Math.sqrt(Math.max(0, thigh * thigh - drop * drop)), y: hip.y - drop }
  const shank = Math.hypot(figure.knee.x - figure.ankle.x, figure.knee.y - figure.ankle.y)
  const raised = rear === 'bench' ? 0.38 : 0.12 * shank
  const ankle = { x: knee.x - Math.sqrt(shank * shank - Math.min(shank, raised) ** 2), y: knee.y + raised }
  const toe = rear === 'bench' ? { x: ankle.x - 0.13, y: ankle.y - 0.01 } : { x: ankle.x - 0.02, y: 0.015 }
  const top = at({ x: ankle.x - 0.24, y: ankle.y - 0.06 })
  const ground = at({ x: 0, y: 0 }).y
  return (
    <g>
      {rear === 'bench' && (
        <rect x={top.x} y={top.y} width={0.3 * scale} height={ground - top.y} fill={hair} stroke={quiet} strokeWidth={2} />
      )}
      <path d={limb(at(ankle), at(toe), 0.07, 0.05)} {...style} />
      <path d={limb(at(knee), at(ankle), 0.115, 0.07)} {...style} />
      <path d={limb(at(hip), at(knee), 0.18, 0.12)} {...style} />
    </g>
  )
}

function Wedge({ figure, at }: { figure: FigurePart; at: At }) {
  const corners = [
    { x: figure.heel.x - 0.03, y: 0 },
    { x: figure.ball.x, y: 0 },
    { x: figure.heel.x - 0.03, y: figure.heel.y },
  ].map(at)
  return <path d={`M${corners.map((corner) => `${corner.x} ${corner.y}`).join(' L')} Z`} fill={quiet} />
}

function Bench({ figure, at, ground }: { figure: FigurePart; at: At; ground: number }) {
  const torso = Math.hypot(figure.shoulder.x - figure.hip.x, figure.shoulder.y - figure.hip.y)
  const top = at({ x: figure.hip.x - 0.8 * torso - 0.16, y: figure.hip.y - 0.11 })
  return <rect x={top.x} y={top.y} width={0.32 * scale} height={ground - top.y} fill={hair} stroke={quiet} strokeWidth={2} />
}

/** The bar with a plate of 45 cm, or what is held at the chest or the sides. */
function Load({ figure, hold, at }: { figure: FigurePart; hold: Pose['hold']; at: At }) {
  if (hold === 'free' || hold === 'reach') return null
  if (hold === 'sides') return <Dumbbell figure={figure} at={at} />
  const bar = at(figure.bar)
  if (hold === 'chest') return <circle cx={bar.x} cy={bar.y} r={0.09 * scale} fill={hair} stroke={ink} strokeWidth={2} />
  return (
    <g>
      <circle cx={bar.x} cy={bar.y} r={0.225 * scale} fill="none" stroke={ink} strokeWidth={3} />
      <circle cx={bar.x} cy={bar.y} r={0.03 * scale} fill={ink} />
    </g>
  )
}

/** A dumbbell seen from its end, in the hanging hand. */
function Dumbbell({ figure, at }: { figure: FigurePart; at: At }) {
  const hand = at({ x: figure.shoulder.x + 0.02, y: figure.shoulder.y - 0.58 })
  return <circle cx={hand.x} cy={hand.y} r={0.08 * scale} fill={hair} stroke={ink} strokeWidth={2} />
}

/** How far in front of the foot a post stands, metres of the drawing. */
const postAhead = 0.42

/** What the hand holds on to: the upright of a rack. */
function Post({ figure, at, ground }: { figure: FigurePart; at: At; ground: number }) {
  const top = at({ x: figure.ball.x + postAhead - 0.02, y: figure.shoulder.y + 0.2 })
  return <rect x={top.x} y={top.y} width={0.05 * scale} height={ground - top.y} fill={hair} stroke={quiet} strokeWidth={2} />
}

/** Mid-foot line, centre of mass, moment arms with their lengths, hip and knee moments as arcs. */
function Arms({ figure, family, at, ground }: { figure: FigurePart; family: Pose['family']; at: At; ground: number }) {
  const line = at({ x: figure.balanceX, y: 0 }).x
  const centre = at(figure.centre)
  const hip = at(figure.hip)
  const knee = at(figure.knee)
  if (family === 'thrust') return <Arc at={hip} moment={figure.hipNm} name="hip" turn={1} />
  return (
    <g>
      <line x1={line} x2={line} y1={8} y2={ground} stroke={ink} strokeWidth={1.5} strokeDasharray="2 6" />
      <circle cx={centre.x} cy={centre.y} r={6} fill="none" stroke={ink} strokeWidth={2} />
      <line x1={hip.x} x2={line} y1={hip.y} y2={hip.y} stroke={ink} strokeWidth={2} />
      <line x1={knee.x} x2={line} y1={knee.y - 6} y2={knee.y - 6} stroke={ink} strokeWidth={2} strokeDasharray="4 3" />
      <Arc at={hip} moment={figure.hipNm} name="hip" turn={-1} />
      <Arc at={knee} moment={figure.kneeNm} name="knee" turn={1} />
      <text x={(hip.x + line) / 2} y={hip.y + 17} fontSize={13} textAnchor="middle" fill={ink} {...halo}>
        {plain(Math.abs(figure.balanceX - figure.hip.x) * 100, 0)} cm
      </text>
    </g>
  )
}

const halo = { stroke: panel, strokeWidth: 4, paintOrder: 'stroke' } as const

/** A moment as an arc about its joint: the more it holds the wider the band. */
function Arc({ at, moment, name, turn }: { at: SpotPart; moment: number; name: string; turn: 1 | -1 }) {
  const radius = 27
  const band = 2 + Math.min(14, Math.abs(moment) / 45)
  const start = { x: at.x + turn * radius * 0.5, y: at.y - radius * 0.87 }
  const end = { x: at.x + turn * radius * 0.5, y: at.y + radius * 0.87 }
  return (
    <g>
      <path
        d={`M${start.x} ${start.y} A${radius} ${radius} 0 0 ${turn > 0 ? 1 : 0} ${end.x} ${end.y}`}
        fill="none"
        stroke={ink}
        strokeOpacity={0.85}
        strokeWidth={band}
      />
      <text
        x={at.x + turn * (radius + 14)}
        y={at.y - 18}
        fontSize={14}
        fontWeight={650}
        textAnchor={turn > 0 ? 'start' : 'end'}
        fill={ink}
        {...halo}
      >
        {name} {plain(moment, 0)} N m
      </text>
    </g>
  )
}
