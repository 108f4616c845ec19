import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import type { ExerciseFace } from '../../api/schema'
import { useListKeys } from '../../keys/useKeys'
import { useExerciseFaces } from '../../hooks/useExercises'
import { words } from '../../text/codes'
import { Plain, TextField } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { ExerciseFacts } from '../../ui/ExerciseFacts'
import { ImportForm } from './ImportForm'
import { OwnForm } from './OwnForm'

/** Every exercise that there is, with its muscles, cues, ladder and conflicts; found by any word of it. */
export function Catalogue() {
  const catalogue = useExerciseFaces()
  if (catalogue.state === 'failed') return <Failed message={catalogue.message} retry={catalogue.retry} />
  if (catalogue.state === 'loading') return <Loading label="Fetching the catalogue" rows={8} />
  return <CataloguePage all={catalogue.data} />
}

function CataloguePage({ all }: { all: readonly ExerciseFace[] }) {
  const onKey = useListKeys('[data-face]')
  const [text, setText] = useState('')
  // What is being written, or was searched for, stands in the address, so that a reload comes back to it.
  const [search, setSearch] = useSearchParams()
  const asked = search.get('find')
  const [at, setAt] = useState<string | null>(asked)
  const [bringing, setBringing] = useState(false)
  useEffect(() => {
    if (!asked) return
    setText('')
    setAt(asked)
    requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-face="${CSS.escape(asked)}"]`)?.focus())
  }, [asked])
  const writing = search.get('copy') ?? search.get('change')
  if (writing)
    return (
      <Box h="100%" overflow="auto">
        <OwnForm
          exercise={writing}
          as={search.has('copy') ? 'copy' : 'change'}
          names={all.map((face) => ({ value: face.exercise, label: face.name }))}
          onDone={(kept) => {
            setSearch({})
            if (kept) setAt(kept)
          }}
        />
      </Box>
    )
  const found = all.filter((face) => wordsOf(face).includes(text.trim().toLowerCase()))
  const shown = found.find((face) => face.exercise === at) ?? found[0]
  return (
    <Flex h="100%" minH={0} direction={{ base: 'column', md: 'row' }} overflow={{ base: 'auto', md: 'hidden' }}>
      <Box flex="1" minW={0} overflow={{ md: 'auto' }}>
        <Flex px={4} py={2} gap={4} align="end" borderBottom="1px solid" borderColor="hair" wrap="wrap">
          <chakra.h1 textStyle="lead" fontWeight="strong" minH="36px">
            Catalogue
          </chakra.h1>
          <Box flex="1" maxW="420px">
            <TextField
              label="Name, pattern, muscle, kit or ladder"
              value={text}
              maxLength={60}
              onChange={(event) => setText(event.target.value)}
            />
          </Box>
          <Box color="quiet" textStyle="note" pb={2} role="status">
            {found.length} of {all.length}
          </Box>
          <Flex gap={2} ml="auto" pb={1} wrap="wrap" align="center" textStyle="note">
            <Plain size="sm" aria-expanded={bringing} onClick={() => setBringing(!bringing)}>
              Bring in
            </Plain>
            {all.some((face) => face.origin !== 'shipped') && (
              <>
                <a href="/api/catalogue/export/own.yaml">Yours as YAML</a>
                <a href="/api/catalogue/export/own.json">as JSON</a>
              </>
            )}
          </Flex>
        </Flex>
        {bringing && <ImportForm onDone={() => setBringing(false)} />}
        {found.length === 0 && <Box p={4}>No exercise has that word. Try a muscle or a piece of kit.</Box>}
        <Box as="ul" aria-label="Exercises" onKeyDown={onKey}>
          {found.map((face) => (
            <Box as="li" key={face.exercise} borderBottom="1px solid" borderColor="hair" bg={face === shown ? 'lifted' : undefined}>
              <chakra.button
                type="button"
                data-face={face.exercise}
                onFocus={() => setAt(face.exercise)}
                onClick={() => setAt(face.exercise)}
                aria-current={face === shown ? 'true' : undefined}
                w="100%"
                px={4}
                minH="target"
                textAlign="left"
                display="flex"
                alignItems="center"
                gap={3}
              >
                <chakra.span fontWeight="medium" flex="1">
                  {face.name}
                </chakra.span>
                <chakra.span color="quiet" textStyle="note">
                  {[words(face.pattern ?? ''), ownWords[face.origin ?? 'shipped']].filter(Boolean).join(' · ')}
                </chakra.span>
              </chakra.button>
            </Box>
          ))}
        </Box>
      </Box>
      {shown && (
        <Box
          as="aside"
          aria-label={shown.name}
          tabIndex={0}
          w={{ base: '100%', md: '340px' }}
          flexShrink={0}
          bg="panel"
          color="panel.ink"
          p={4}
          overflow={{ md: 'auto' }}
        >
          <ExerciseFacts face={shown} />
          <Flex gap={2} mt={4} wrap="wrap">
            {shown.origin !== 'shipped' && (
              <Plain {...onPanel} onClick={() => setSearch({ change: shown.exercise })}>
                Change
              </Plain>
            )}
            <Plain {...onPanel} onClick={() => setSearch({ copy: shown.exercise })}>
              Make your own of it
            </Plain>
          </Flex>
        </Box>
      )}
    </Flex>
  )
}

const ownWords: Record<string, string> = { own: 'yours', 'put-away': 'yours, put away' }
const onPanel = { size: 'sm', bg: 'transparent', color: 'panel.ink', borderColor: 'panel.quiet', _hover: { bg: 'panel.hair' } } as const

const wordsOf = (face: ExerciseFace) =>
  [
    face.name,
    words(face.pattern ?? ''),
    ownWords[face.origin ?? ''] ?? '',
    face.kit,
    face.ladder ?? '',
    ...face.muscles.map((one) => words(one.muscle ?? '')),
  ]
    .join(' ')
    .toLowerCase()
