import { shallowRef } from 'vue'
import { ask, client, Problem, useToken } from '../api/client'
import type { SignInState } from '../api/schema'

/** Who is signed in, as the server last said. */
export const signedIn = shallowRef<SignInState | null>(null)

const key = 'signed in'

export function take(state: SignInState) {
  signedIn.value = state
  useToken(state.token)
  if (state.me) localStorage.setItem(key, JSON.stringify({ ...state, token: '' }))
  else localStorage.removeItem(key)
  return state
}

/** No answer at all, or a server that is not there just now. */
export const isAway = (e: unknown) => e instanceof Problem && (e.status === 0 || e.status >= 500)

/** Who was signed in on this device when there last was a signal; false when nobody was. */
export function recallSignIn(): boolean {
  const kept = localStorage.getItem(key)
  if (kept) signedIn.value = JSON.parse(kept) as SignInState
  return kept !== null
}

export const loadSignIn = async () => take(await ask(() => client.GET('/api/sign-in')))

export const trains = () => signedIn.value?.me?.role === 'trainer'
export const rides = () => signedIn.value?.me?.role !== 'observer'
export const clears = () => trains() || signedIn.value?.me?.isVet === true
