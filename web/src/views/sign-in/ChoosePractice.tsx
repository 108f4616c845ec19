import { Box, Stack } from '@chakra-ui/react'
import type { Me } from '../../api/schema'
import { useChoosePractice, useSignOut } from '../../hooks/useSession'
import { Plain, Primary } from '../../ui/form'
import { Entrance } from './Entrance'

const as = { owner: 'as an owner', coach: 'as a coach', lifter: 'for your own training' } as const

/** Somebody in several practices says which they mean; it can be changed at any time. */
export function ChoosePractice({ me }: { me: Me }) {
  const choose = useChoosePractice()
  const signOut = useSignOut()
  return (
    <Entrance title="Which practice?">
      <Stack gap={2}>
        {me.practices.map((one) => (
          <Primary
            key={one.id}
            h="auto"
            py={3}
            onClick={() => choose.mutate(one.id)}
            loading={choose.isPending && choose.variables === one.id}
          >
            {one.practice}, {as[one.role]}
          </Primary>
        ))}
      </Stack>
      {choose.error && (
        <Box role="alert" color="stop" fontWeight="semibold">
          {choose.error.message}
        </Box>
      )}
      <Plain onClick={() => signOut.mutate()}>Sign out</Plain>
    </Entrance>
  )
}
