import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import { codes } from '../../api/codes'
import { limits } from '../../api/limits'
import type { ExerciseLine, FaultCode, FaultSection, FaultSign } from '../../api/schema'
import { words } from '../../text/codes'
import { Plain, SelectField, Toggle } from '../../ui/form'
import { BigNumber, Keys } from '../../ui/Keys'

interface Props {
  signs: readonly FaultSign[]
  /** Target lifts and those with a max, first. */
  lifts: readonly string[]
  catalogue: readonly ExerciseLine[]
  faults: readonly FaultSection[]
  onFaults: (faults: FaultSection[]) => void
}

const families: Partial<Record<ExerciseLine['pattern'], string>> = {
  squat: 'squat',
  hinge: 'hinge',
  thrust: 'thrust',
  lunge: 'split-squat',
  carry: 'event',
  throw: 'event',
}

/**
 * Pick the lift and the phase; only the faults that belong there are shown. Each fault seen then says when, and whether it holds in
 * isolation.
 */
export function Faults({ signs, lifts, catalogue, faults, onFaults }: Props) {
  const [lift, setLift] = useState(lifts[0] ?? 'back-squat-high-bar')
  const family = families[catalogue.find((line) => line.id === lift)?.pattern ?? 'squat'] ?? 'any'
  const belonging = signs.filter((sign) => sign.lift === family || sign.lift === 'any')
  const phases = [...new Set(belonging.map((sign) => sign.phase))]
  const [picked, setPhase] = useState<string | null>(null)
  const phase = picked && phases.includes(picked) ? picked : (phases[0] ?? '')
  const name = (id: string) => catalogue.find((line) => line.id === id)?.name ?? id
  const others = catalogue.filter((line) => families[line.pattern] && !lifts.includes(line.id))
  const add = (sign: FaultSign) => onFaults([...faults, { lift, fault: sign.code as FaultCode }])
  const change = (at: number, part: Partial<FaultSection>) => onFaults(faults.map((fault, i) => (i === at ? { ...fault, ...part } : fault)))
  return (
    <Box maxW="column">
      <Grid gap={4} mb={6}>
        {lifts.length > 0 && (
          <Box>
            <Named>Lift</Named>
            <Keys
              label="Lift"
              choices={lifts.map((id) => ({ value: id, label: name(id) }))}
              chosen={lift}
              onChoose={(id) => id && setLift(id)}
            />
          </Box>
        )}
        <Box maxW="340px">
          <SelectField
            label={lifts.length > 0 ? 'Or another lift' : 'Lift'}
            value={lifts.includes(lift) ? '' : lift}
            options={[{ value: '', label: 'Choose' }, ...others.map((line) => ({ value: line.id, label: line.name }))]}
            onValue={(id) => id && setLift(id)}
          />
        </Box>
        <Box>
          <Named>Phase</Named>
          <Keys
            label="Phase"
            choices={phases.map((one) => ({ value: one, label: words(one) }))}
            chosen={phase}
            onChoose={(one) => one && setPhase(one)}
          />
        </Box>
        <Box role="group" aria-label="What is seen">
          <Named>What is seen</Named>
          <Grid templateColumns="repeat(auto-fill, minmax(200px, 1fr))" gap={2}>
            {belonging
              .filter((sign) => sign.phase === phase)
              .map((sign) => (
                <Plain
                  key={sign.code}
                  minH="64px"
                  h="auto"
                  py={2}
                  whiteSpace="normal"
                  textAlign="left"
                  justifyContent="flex-start"
                  disabled={faults.some((fault) => fault.lift === lift && fault.fault === sign.code)}
                  onClick={() => add(sign)}
                >
                  <Box>
                    <Box fontWeight="strong">{sign.name}</Box>
                    <Box textStyle="note" fontWeight="normal" color="quiet">
                      {sign.seen}
                    </Box>
                  </Box>
                </Plain>
              ))}
          </Grid>
        </Box>
      </Grid>
      {faults.length === 0 && <Box color="quiet">Nothing seen yet. A lift that looks right needs no entry.</Box>}
      {faults.map((fault, i) => (
        <SeenFault
          key={`${fault.lift}.${fault.fault}`}
          fault={fault}
          sign={signs.find((sign) => sign.code === fault.fault)}
          lift={name(fault.lift)}
          onChange={(part) => change(i, part)}
          onRemove={() => onFaults(faults.filter((_, other) => other !== i))}
        />
      ))}
    </Box>
  )
}

const Named = ({ children }: { children: string }) => (
  <Box textStyle="plain" fontWeight="semibold" mb={1.5}>
    {children}
  </Box>
)

const percents = [40, 50, 60, 65, 70, 75, 80, 85, 90, 95]

interface SeenProps {
  fault: FaultSection
  sign: FaultSign | undefined
  lift: string
  onChange: (part: Partial<FaultSection>) => void
  onRemove: () => void
}

function SeenFault({ fault, sign, lift, onChange, onRemove }: SeenProps) {
  return (
    <Box as="section" aria-label={`${sign?.name ?? fault.fault}, ${lift}`} borderTop="2px solid" borderColor="ink" py={4}>
      <Flex justify="space-between" align="baseline" mb={3} gap={3}>
        <chakra.h3 textStyle="title" fontWeight="strong">
          {sign?.name ?? words(fault.fault)}
          <chakra.span fontWeight="normal" color="quiet">
            , {lift}
          </chakra.span>
        </chakra.h3>
        <Plain onClick={onRemove} aria-label={`Remove ${sign?.name ?? fault.fault}`}>
          Remove
        </Plain>
      </Flex>
      <Grid gap={5} templateColumns={{ base: '1fr', lg: '1fr 1fr' }}>
        {fault.fault === 'technique-fades' ? (
          <Grid templateColumns="1fr 1fr" gap={3}>
            <BigNumber
              label="From repetition"
              unit=""
              keys={[]}
              fine={1}
              most={limits.faultSection.atRep.most}
              value={fault.atRep}
              onValue={(atRep) => onChange({ atRep })}
            />
            <BigNumber
              label="Of"
              unit="reps"
              keys={[]}
              fine={1}
              most={limits.faultSection.ofReps.most}
              value={fault.ofReps}
              onValue={(ofReps) => onChange({ ofReps })}
            />
          </Grid>
        ) : (
          <BigNumber
            label="Seen from"
            unit="% of 1RM"
            keys={percents}
            fine={1}
            most={limits.faultSection.fromPercent.most}
            value={fault.fromPercent}
            onValue={(fromPercent) => onChange({ fromPercent })}
            hint="The lightest load at which it shows."
          />
        )}
        <Grid gap={4} alignContent="start">
          {sign?.drill && (
            <Box>
              <Named>Held in isolation</Named>
              <Box textStyle="note" color="quiet" mb={2}>
                {sign.drill}
              </Box>
              <Keys
                label="Held in isolation"
                choices={[
                  { value: true, label: 'Yes, it holds' },
                  { value: false, label: 'No' },
                ]}
                chosen={fault.heldInIsolation}
                onChoose={(heldInIsolation) => onChange({ heldInIsolation })}
              />
            </Box>
          )}
          <Flex gap={2} align="center" role="group" aria-label="Side">
            <Box textStyle="plain" mr={1}>
              One side only
            </Box>
            {codes.side.map((side) => (
              <Toggle
                key={side}
                on={fault.side === side}
                minH="48px"
                px={5}
                onClick={() => onChange({ side: fault.side === side ? null : side })}
              >
                {words(side)}
              </Toggle>
            ))}
          </Flex>
          {sign?.height === 'hip' && (
            <BigNumber
              label="Begins at a hip height of"
              unit="cm"
              keys={[]}
              fine={1}
              most={limits.faultSection.atHipHeightCm.most}
              value={fault.atHipHeightCm}
              onValue={(atHipHeightCm) => onChange({ atHipHeightCm })}
            />
          )}
          {sign?.height === 'bar' && (
            <BigNumber
              label="Begins at a bar height of"
              unit="cm"
              keys={[]}
              fine={1}
              most={limits.faultSection.atBarHeightCm.most}
              value={fault.atBarHeightCm}
              onValue={(atBarHeightCm) => onChange({ atBarHeightCm })}
            />
          )}
        </Grid>
      </Grid>
    </Box>
  )
}
