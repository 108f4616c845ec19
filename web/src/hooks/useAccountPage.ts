import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { AccountView, ChangeEmail, ChangePassword, ResetPassword } from '../api/schema'
import { type Fetched, fetched } from './fetched'

/** One's own account. */
export function useAccountPage(): Fetched<AccountView> {
  return fetched(useQuery({ queryKey: ['account'], queryFn: () => answer(api.GET('/api/account')) }))
}

function useAccountChange<T, R>(change: (value: T) => Promise<R>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: () =>
      Promise.all([queries.invalidateQueries({ queryKey: ['account'] }), queries.invalidateQueries({ queryKey: ['session'] })]),
  })
}

export const useChangeEmail = () => useAccountChange((body: ChangeEmail) => answer(api.PUT('/api/account/email', { body })))

export const useChangePassword = () => useAccountChange((body: ChangePassword) => answer(api.PUT('/api/account/password', { body })))

/** Ends one sign-in, or every other. */
export const useEndDevices = () =>
  useAccountChange((device: string | null) =>
    device
      ? answer(api.DELETE('/api/account/devices/{device}', { params: { path: { device } } }))
      : answer(api.DELETE('/api/account/devices')),
  )

export const useNewAuthenticator = () =>
  useMutation({ mutationFn: (password: string) => answer(api.POST('/api/account/two-factor', { body: { password } })) })

export const useTurnOnTwoFactor = () => useAccountChange((code: string) => answer(api.PUT('/api/account/two-factor', { body: { code } })))

export const useTurnOffTwoFactor = () =>
  useAccountChange((password: string) => answer(api.POST('/api/account/two-factor/removal', { body: { password } })))

export const useNewRecoveryCodes = () =>
  useAccountChange((password: string) => answer(api.POST('/api/account/two-factor/recovery-codes', { body: { password } })))

export const useForgotten = () =>
  useMutation({ mutationFn: (email: string) => answer(api.POST('/api/password/forgotten', { body: { email } })) })

export const useResetPassword = () =>
  useMutation({ mutationFn: (body: ResetPassword) => answer(api.POST('/api/password/reset', { body })) })

/** What an invitation's link is for. */
export function useInvitation(token: string) {
  return useQuery({
    queryKey: ['invitation', token],
    queryFn: () => answer(api.POST('/api/invitations/look', { body: { token } })),
    retry: false,
    gcTime: 0,
  })
}

/** The letters that this machine keeps instead of sending them. */
export function useMailBox() {
  return fetched(
    useQuery({ queryKey: ['mail-box'], queryFn: () => answer(api.GET('/api/mail-box')), refetchInterval: 5_000, gcTime: 0, retry: false }),
  )
}
