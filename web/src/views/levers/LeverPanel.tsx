import { Box, chakra, Flex } from '@chakra-ui/react'
import { mass, massUnit, plain } from '../../text/numbers'
import { Plain } from '../../ui/form'
import { Figure } from '../../ui/Figure'
import { Numeral } from '../../ui/Numeral'
import { type Moves, noMoves, type Shown } from './moves'

interface Props {
  shown: Shown
  over: Shown | null
  family: 'squat' | 'hinge' | 'split-squat' | 'thrust'
  moves: Moves
  onMoves: (moves: Moves) => void
  live: 'loading' | 'failed' | 'ready'
  caution: string
  observedLeanDeg: number | null
}

/** The large figure with what can be moved: depth, heel, stance, knee travel, load, and what if the ankle gained. */
export function LeverPanel({ shown, over, family, moves, onMoves, live, caution, observedLeanDeg }: Props) {
  const { row, reply } = shown
  const set = (change: Partial<Moves>) => onMoves({ ...moves, ...change })
  const figure = reply.figure
  return (
    <Box
      as="aside"
      aria-label="Figure"
      w={{ base: '100%', lg: '400px' }}
      flexShrink={0}
      bg="panel"
      color="panel.ink"
      p={4}
      overflow={{ lg: 'auto' }}
    >
      <chakra.h2 fontSize="19px" fontWeight="650">
        {row.name}
      </chakra.h2>
      <Box fontSize="14px" color="panel.quiet" minH="20px">
        {over ? `outlined over it: ${over.row.name}` : ''}
      </Box>
      <Box h="300px" my={2}>
        {figure ? (
          <Figure figure={figure} over={over?.reply.figure} pose={row.pose} label={words(shown)} detail="large" />
        ) : (
          <Flex h="100%" align="center" justify="center" textAlign="center" px={6} fontSize="17px">
            {reply.meaning}
          </Flex>
        )}
      </Box>
      {figure && (
        <Box mb={2} fontSize="15px">
          {reply.meaning}
        </Box>
      )}
      {figure && (
        <Flex gap={5} mb={3} wrap="wrap">
          {family !== 'thrust' && <Value name="lean" value={plain(figure.leanDeg, 0)} unit="°" />}
          <Value name="hip" value={plain(figure.hipNm, 0)} unit="N m" />
          <Value name="knee" value={plain(figure.kneeNm, 0)} unit="N m" />
          <Value name="low back" value={plain(figure.lowBackNm, 0)} unit="N m" />
          {observedLeanDeg !== null && <Value name="seen in the screen" value={plain(observedLeanDeg, 0)} unit="°" />}
        </Flex>
      )}
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
      <Flex mt={3} gap={3} align="center">
        <Plain
          size="sm"
          bg="transparent"
          color="panel.ink"
          borderColor="panel.quiet"
          _hover={{ bg: 'panel.hair' }}
          onClick={() => onMoves(noMoves)}
        >
          Its own again
        </Plain>
        <Box fontSize="13px" color="panel.quiet" role="status">
          {live === 'ready'
            ? ''
            : live === 'loading'
              ? 'The sliders wake in a moment.'
              : 'The sliders could not be loaded; the table stands.'}
        </Box>
      </Flex>
      <Box mt={3} fontSize="13px" color="panel.quiet">
        {caution}
      </Box>
    </Box>
  )
}

function words({ row, reply: { figure } }: Shown): string {
  return figure
    ? `${row.name} in this client's proportions: trunk leans ${plain(figure.leanDeg, 0)} degrees, ` +
        `hip ${plain(figure.hipNm, 0)}, knee ${plain(figure.kneeNm, 0)} newton metres`
    : row.name
}

function Value({ name, value, unit }: { name: string; value: string; unit: string }) {
  return (
    <Box>
      <Box fontSize="13px" color="panel.quiet">
        {name}
      </Box>
      <Numeral value={value} unit={unit} size="24px" />
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
    <chakra.label display="grid" gridTemplateColumns="160px 1fr 56px" gap={3} alignItems="center" fontSize="14px" minH="30px">
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
      <Numeral value={show ? show(value) : plain(value, 2)} unit={unit.length < 4 ? unit : undefined} size="16px" />
    </chakra.label>
  )
}
