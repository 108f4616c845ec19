import { Box, chakra } from '@chakra-ui/react'
import { mass, massUnit, plain } from '../../text/numbers'
import { Numeral } from '../../ui/Numeral'
import type { Moves, Shown } from './moves'

interface Props {
  shown: Shown
  family: 'squat' | 'hinge' | 'split-squat' | 'thrust'
  moves: Moves
  onMoves: (moves: Moves) => void
}

/** What can be moved of a figure: depth, heel, stance, knee travel, load, and what if the ankle gained. */
export function MoveSliders({ shown, family, moves, onMoves }: Props) {
  const { row, reply } = shown
  const figure = reply.figure
  const set = (change: Partial<Moves>) => onMoves({ ...moves, ...change })
  return (
    <Box role="group" aria-label="Move" display="grid" gap={1.5}>
      {(family === 'squat' || family === 'split-squat') && (
        <Slider
          label="Depth, thigh above level"
          unit="°"
          from={-15}
          to={60}
          step={1}
          value={moves.thighDeg}
          onValue={(thighDeg) => set({ thighDeg })}
        />
      )}
      {family === 'squat' && (
        <>
          <Slider
            label="Heel lift"
            unit="cm"
            from={0}
            to={5}
            step={0.5}
            value={moves.heelLiftCm ?? (figure?.heel.y ?? 0) * 100}
            onValue={(heelLiftCm) => set({ heelLiftCm })}
          />
          <Slider
            label="Stance"
            unit="°"
            from={0}
            to={45}
            step={1}
            value={moves.stanceDeg ?? row.stanceDeg ?? 15}
            onValue={(stanceDeg) => set({ stanceDeg })}
          />
          <Slider
            label="Knee travel"
            unit="of the ankle's range"
            from={0}
            to={1}
            step={0.05}
            value={moves.kneeTravel ?? row.kneeTravel ?? 0.9}
            onValue={(kneeTravel) => set({ kneeTravel })}
          />
        </>
      )}
      {family === 'hinge' && (
        <Slider label="Bar raised" unit="cm" from={-5} to={40} step={1} value={moves.raiseCm} onValue={(raiseCm) => set({ raiseCm })} />
      )}
      <Slider
        label={`Load, ${massUnit()}`}
        unit=""
        from={0}
        to={Math.max(60, Math.round(row.loadKg * 1.3))}
        step={2.5}
        value={moves.loadKg ?? row.loadKg}
        show={(kg) => mass(kg, 0)}
        onValue={(loadKg) => set({ loadKg })}
      />
      {family !== 'thrust' && family !== 'hinge' && (
        <Slider
          label="What if the ankle gained"
          unit="cm"
          from={0}
          to={6}
          step={0.5}
          value={moves.ankleGainCm}
          onValue={(ankleGainCm) => set({ ankleGainCm })}
        />
      )}
    </Box>
  )
}

interface SliderProps {
  label: string
  unit: string
  from: number
  to: number
  step: number
  value: number
  show?: (value: number) => string
  onValue: (value: number) => void
}

function Slider({ label, unit, from, to, step, value, show, onValue }: SliderProps) {
  return (
    <chakra.label
      display="grid"
      gridTemplateColumns={{ base: 'minmax(0, 2fr) minmax(0, 3fr) 56px', sm: '160px 1fr 56px' }}
      gap={3}
      alignItems="center"
      textStyle="note"
      minH="30px"
    >
      <span>{label}</span>
      <chakra.input
        type="range"
        min={from}
        max={to}
        step={step}
        value={value}
        aria-valuetext={`${show ? show(value) : plain(value, 2)} ${unit}`}
        onChange={(event) => onValue(Number(event.target.value))}
        accentColor="#edf1f3"
        h="24px"
      />
      <Numeral value={show ? show(value) : plain(value, 2)} unit={unit.length < 4 ? unit : undefined} size="entry" />
    </chakra.label>
  )
}
