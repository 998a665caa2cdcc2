import { shallowRef } from 'vue'
import { ask, client, useToken } from '../api/client'
import type { SignInState } from '../api/schema'

/** Who is signed in, as the server last said. */
export const signedIn = shallowRef<SignInState | null>(null)

export function take(state: SignInState) {
  signedIn.value = state
  useToken(state.token)
  return state
}

export const loadSignIn = async () => take(await ask(() => client.GET('/api/sign-in')))

export const trains = () => signedIn.value?.me?.role === 'trainer'
export const rides = () => signedIn.value?.me?.role !== 'observer'
export const clears = () => trains() || signedIn.value?.me?.isVet === true
