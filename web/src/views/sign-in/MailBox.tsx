import { Box, chakra } from '@chakra-ui/react'
import { Fragment } from 'react'
import { useMailBox } from '../../hooks/useAccountPage'
import { Failed, Loading } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'

/** The letters that would have been sent, on a machine without a mail service. */
export function MailBox() {
  const box = useMailBox()
  if (box.state === 'loading') return <Loading label="Fetching the letters" />
  if (box.state === 'failed') return <Failed message="There is no mail box here: letters are sent, or mail is off." retry={box.retry} />
  return (
    <Box as="main" p={5} maxW="column">
      <chakra.h1 textStyle="head" fontWeight="strong">
        Mail box of this machine
      </chakra.h1>
      <Box color="quiet" mt={1} mb={4}>
        No mail service is set up, so letters stand here, for whoever sits at this machine. <TextLink to="/">To the sign-in</TextLink>
      </Box>
      {box.data.length === 0 && <Box>No letters yet.</Box>}
      {box.data.map((letter) => (
        <Box key={`${letter.to} ${letter.at}`} as="article" borderTop="1px solid" borderColor="hair" py={4}>
          <Box fontWeight="semibold">{letter.subject}</Box>
          <Box textStyle="note" color="quiet" mb={2}>
            to {letter.to}, {new Date(letter.at).toLocaleString('en-GB')}
          </Box>
          <Box whiteSpace="pre-wrap" overflowWrap="anywhere">
            {letter.text.split(/(https?:\S+)/).map((part, i) => (
              <Fragment key={`${part}-${i + 1}`}>{/^https?:/.test(part) ? <Here address={part} /> : part}</Fragment>
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  )
}

/** A link of a letter, followed on this machine. */
function Here({ address }: { address: string }) {
  const to = new URL(address)
  return (
    <TextLink to={to.pathname + to.search + to.hash} display="inline" overflowWrap="anywhere">
      {address}
    </TextLink>
  )
}
