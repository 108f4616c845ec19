import { CloseButton, chakra, Dialog, Portal } from '@chakra-ui/react'

const keys = [
  ['g then 1 to 7', 'open Intake, Screen, Findings, Levers, Exercises, Block, Floor'],
  ['g then h', 'the day'],
  ['j, k or arrows', 'move through the list that has the focus'],
  ['arrows', 'in the block: move from cell to cell'],
  ['Enter', 'open'],
  ['., x, u', 'in Findings: accept, reject, undo; in Exercises: pin, take out, undo'],
  ['Enter, Escape', 'in Exercises: look at a swap, then take it; leave it'],
  ['0 to 9, e', 'in the block: type into the cell; Enter goes down, Tab right, Escape leaves it'],
  ['[ and ]', 'in the block: choose what a typed number changes'],
  ['f', 'in the block: fill to the right'],
  ['c, v', 'in the block: copy the session, paste it where the focus is'],
  ['x, a', 'in the block: take the exercise out, add one'],
  ['u, r, or Ctrl Z, Ctrl Shift Z', 'in the block: undo, redo'],
  ['Alt with up or down', 'in the block: move the exercise; with Shift the session to another day'],
  ['p', 'in the block: fold the panel'],
  ['b', 'in the block: the whole because'],
  ['5 to 9, 0', 'on the floor: log the set at that RPE; 0 is 10'],
  ['Enter', 'on the floor: log the set without a rating'],
  ['arrows', 'on the floor: load up and down, repetitions left and right'],
  ['u', 'on the floor: undo the last set'],
  ['?', 'this list'],
] as const

export function ShortcutList({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={(change) => !change.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="lifted" color="ink" borderRadius="2px" boxShadow="none" border="1px solid" borderColor="edge">
            <Dialog.Header>
              <Dialog.Title>Keys</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              <chakra.table w="100%">
                <tbody>
                  {keys.map(([key, what]) => (
                    <tr key={key + what}>
                      <chakra.th scope="row" textAlign="left" fontWeight="600" pr={4} py={1} verticalAlign="top" whiteSpace="nowrap">
                        {key}
                      </chakra.th>
                      <td>{what}</td>
                    </tr>
                  ))}
                </tbody>
              </chakra.table>
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton aria-label="Close the list of keys" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  )
}
