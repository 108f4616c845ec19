import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { Implement, KitGroup } from '../../api/schema'
import { options, words } from '../../text/codes'
import { massUnit, toldMeasure } from '../../text/numbers'
import { NumberField, Plain, SelectField, TextField, Toggle } from '../../ui/form'
import { MeasureField } from '../../ui/MeasureField'
import { type EquipmentDraft, usualSets } from './equipment'

interface Props extends RowsProps {
  groups: readonly KitGroup[]
  kinds: readonly Implement[]
  notes: readonly string[]
}

/** Kit: what there is, bars and plates, what is held in the hands. */
export function KitFields({ draft: value, set, error, groups, kinds, notes }: Props) {
  const toggle = (item: Implement) =>
    set({ items: value.items.includes(item) ? value.items.filter((other) => other !== item) : [...value.items, item] })
  return (
    <>
      <Flex wrap="wrap" gap={2} mb={4} align="center" role="group" aria-label="Start from a usual set">
        <Box textStyle="note" color="quiet">
          Start from
        </Box>
        {usualSets().map((usual) => (
          <Plain key={usual.name} size="sm" onClick={() => set(usual.draft)}>
            {usual.name}
          </Plain>
        ))}
      </Flex>
      <Grid gap={3}>
        {groups.map((group) => (
          <Box key={group.name} role="group" aria-label={group.name}>
            <Box textStyle="note" color="quiet" mb={1.5}>
              {group.name}
            </Box>
            <Flex wrap="wrap" gap={2}>
              {group.items.map((item) => (
                <Toggle key={item} on={value.items.includes(item)} onClick={() => toggle(item)}>
                  {words(item)}
                </Toggle>
              ))}
            </Flex>
          </Box>
        ))}
      </Grid>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap={6} mt={6}>
        <Bars draft={value} set={set} error={error} kinds={kinds} />
        <PlateRows draft={value} set={set} error={error} />
      </Grid>
      {notes.map((note) => (
        <Box key={note} mt={3} textStyle="note" color="quiet">
          {note}
        </Box>
      ))}
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap={4} mt={6}>
        <MeasureField
          measure="masses"
          label={`Dumbbells, ${massUnit()} a piece, each a pair`}
          value={value.dumbbellsKg}
          error={error('dumbbellsKg')}
          onValue={(dumbbellsKg) => set({ dumbbellsKg })}
        />
        <MeasureField
          measure="masses"
          label={`Kettlebells, ${massUnit()} a piece; repeat for two`}
          value={value.kettlebellsKg}
          error={error('kettlebellsKg')}
          onValue={(kettlebellsKg) => set({ kettlebellsKg })}
        />
        <MeasureField
          measure="masses"
          label={`Sandbags, ${massUnit()} a piece`}
          value={value.sandbagsKg}
          error={error('sandbagsKg')}
          onValue={(sandbagsKg) => set({ sandbagsKg })}
        />
        <MeasureField
          measure="mass"
          label={`Step of the weight stacks, ${massUnit()}`}
          value={value.stackStepKg}
          error={error('stackStepKg')}
          onValue={(stackStepKg) => set({ stackStepKg })}
        />
      </Grid>
    </>
  )
}

const told = (kg: string) => toldMeasure('mass', kg)

interface RowsProps {
  draft: EquipmentDraft
  set: (change: Partial<EquipmentDraft>) => void
  error: (path: string) => string | undefined
}

function Bars({ draft, set, error, kinds }: RowsProps & { kinds: readonly Implement[] }) {
  const change = (at: number, part: Partial<EquipmentDraft['bars'][number]>) =>
    set({ bars: draft.bars.map((bar, i) => (i === at ? { ...bar, ...part } : bar)) })
  return (
    <Box role="group" aria-label="Bars">
      <chakra.h3 fontWeight="semibold" mb={2}>
        Bars
      </chakra.h3>
      {draft.bars.map((bar, i) => (
        <Grid
          key={`bar-${i + 1}`}
          templateColumns={{ base: 'minmax(0, 1fr) 76px', sm: '1fr 76px 132px 44px' }}
          gap={2}
          mb={{ base: 4, sm: 2 }}
          alignItems="end"
        >
          <TextField label="Name" value={bar.name} error={error(`bars[${i}].name`)} onChange={(e) => change(i, { name: e.target.value })} />
          <MeasureField
            measure="mass"
            label={massUnit()}
            value={bar.kg}
            error={error(`bars[${i}].kg`)}
            onValue={(kg) => change(i, { kg })}
          />
          <SelectField label="Kind" value={bar.kind || 'barbell'} options={options(kinds)} onValue={(kind) => change(i, { kind })} />
          <Plain aria-label={`Remove ${bar.name || 'bar'}`} onClick={() => set({ bars: draft.bars.filter((_, at) => at !== i) })}>
            ×
          </Plain>
        </Grid>
      ))}
      <Plain
        onClick={() =>
          set({
            bars: [
              ...draft.bars,
              {
                name: draft.bars.length === 0 ? 'bar' : `bar ${draft.bars.length + 1}`,
                kg: usualSets()[0].draft.bars[0]?.kg ?? '20',
                kind: 'barbell',
              },
            ],
          })
        }
      >
        Add a bar
      </Plain>
    </Box>
  )
}

function PlateRows({ draft, set, error }: RowsProps) {
  const change = (at: number, part: Partial<EquipmentDraft['plates'][number]>) =>
    set({ plates: draft.plates.map((plate, i) => (i === at ? { ...plate, ...part } : plate)) })
  return (
    <Box role="group" aria-label="Plates">
      <chakra.h3 fontWeight="semibold" mb={2}>
        Plates, by pairs
      </chakra.h3>
      {draft.plates.map((plate, i) => (
        <Grid key={`plate-${i + 1}`} templateColumns="1fr 44px 64px 44px 44px" gap={2} mb={2} alignItems="end">
          <MeasureField
            measure="mass"
            label={`${massUnit()} each`}
            value={plate.kg}
            error={error(`plates[${i}].kg`)}
            onValue={(kg) => change(i, { kg })}
          />
          <Plain
            aria-label={`One pair of ${told(plate.kg)} less`}
            onClick={() => change(i, { pairs: String(Math.max(0, Number(plate.pairs) - 1)) })}
          >
            −
          </Plain>
          <NumberField label="Pairs" value={plate.pairs} error={error(`plates[${i}].pairs`)} onValue={(pairs) => change(i, { pairs })} />
          <Plain aria-label={`One pair of ${told(plate.kg)} more`} onClick={() => change(i, { pairs: String(Number(plate.pairs) + 1) })}>
            +
          </Plain>
          <Plain
            aria-label={`Remove the ${told(plate.kg)} plates`}
            onClick={() => set({ plates: draft.plates.filter((_, at) => at !== i) })}
          >
            ×
          </Plain>
        </Grid>
      ))}
      <Flex gap={2} wrap="wrap">
        <Plain onClick={() => set({ plates: [...draft.plates, { kg: '', pairs: '1' }] })}>Add plates</Plain>
        {draft.plates.length === 0 && <Plain onClick={() => set({ plates: usualSets()[0].draft.plates })}>Start from a usual set</Plain>}
      </Flex>
      <Box mt={3} maxW="160px">
        <MeasureField
          measure="mass"
          label={`Collar, ${massUnit()} each`}
          value={draft.collarKg}
          error={error('collarKg')}
          onValue={(collarKg) => set({ collarKg })}
        />
      </Box>
    </Box>
  )
}
