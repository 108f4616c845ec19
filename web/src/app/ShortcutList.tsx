import { CloseButton, chakra, Dialog, Portal, Switch } from '@chakra-ui/react'
import { switchKeys, useKeysOn } from '../keys/on'
import { registry, type Scope, scopeNames } from '../keys/registry'

const scopes = Object.keys(scopeNames) as Scope[]

export function ShortcutList({ open, onClose }: { open: boolean; onClose: () => void }) {
  const on = useKeysOn()
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
              <Switch.Root checked={on} onCheckedChange={(change) => switchKeys(change.checked ? 'on' : 'off')} mb={2}>
                <Switch.HiddenInput />
                <Switch.Control />
                <Switch.Label>Keys of one letter, digit or sign. Switch them off where you dictate or press them by mistake.</Switch.Label>
              </Switch.Root>
              <chakra.table w="100%">
                {scopes.map((scope) => (
                  <tbody key={scope}>
                    <tr>
                      <chakra.th scope="rowgroup" colSpan={2} textAlign="left" fontWeight="strong" pt={3} pb={1}>
                        {scopeNames[scope]}
                      </chakra.th>
                    </tr>
                    {Object.entries(registry)
                      .filter(([, key]) => key.scope === scope)
                      .map(([id, key]) => (
                        <tr key={id}>
                          <chakra.th
                            scope="row"
                            textAlign="left"
                            fontWeight="semibold"
                            pr={4}
                            py={0.5}
                            verticalAlign="top"
                            whiteSpace="nowrap"
                          >
                            {key.shown}
                          </chakra.th>
                          <td>{key.what}</td>
                        </tr>
                      ))}
                  </tbody>
                ))}
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
