import { Flex } from '@chakra-ui/react'
import type { Me } from '../../api/schema'
import { useChoosePractice } from '../../hooks/useSession'
import { Section, Toggle } from '../../ui/form'

/** The practices that one is in, with the one that is open. */
export function Practices({ me }: { me: Me }) {
  const choose = useChoosePractice()
  return (
    <Section title="Practice">
      <Flex gap={2} wrap="wrap">
        {me.practices.map((one) => (
          <Toggle key={one.id} on={one.id === me.practice?.id} onClick={() => choose.mutate(one.id)}>
            {one.practice}, as {one.role}
          </Toggle>
        ))}
      </Flex>
    </Section>
  )
}
