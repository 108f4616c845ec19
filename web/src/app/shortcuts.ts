import { useNavigate } from 'react-router'
import { useWindowKeys } from '../keys/useKeys'
import { stations } from './StationLine'

/** Keys that work everywhere on the desk but in a field: g then a number opens a station, / the search, ? the list of keys. */
export function useShortcuts(clientId: string | undefined, onList: () => void, onSearch: () => void): void {
  const navigate = useNavigate()
  useWindowKeys({
    openStation: (event) => {
      const station = stations.find((one) => one.key === event.key)
      if (station && clientId) void navigate(`/clients/${clientId}/${station.path}`)
    },
    openDay: () => void navigate('/'),
    openClients: () => void navigate('/clients'),
    // A page with a field of its own to find in is searched there.
    search: () => {
      const field = document.querySelector<HTMLInputElement>('[data-find]')
      if (field) field.focus()
      else onSearch()
    },
    listKeys: onList,
  })
}
