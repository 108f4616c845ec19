import { Box } from '@chakra-ui/react'
import { QRCodeSVG } from 'qrcode.react'

const side = 176

/** A text as a code to scan, on white with its quiet zone in either theme. */
export function ScanCode({ text, label }: { text: string; label: string }) {
  return (
    <Box bg="paper" p={4} w="fit-content">
      <QRCodeSVG value={text} size={side} level="M" title={label} role="img" aria-label={label} />
    </Box>
  )
}
