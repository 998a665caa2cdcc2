import { expose } from 'comlink'
import type { RideEvent } from '../api/schema'
import { deviceAt } from './files'

/** What Core answers, as JSON in and out (Hippodrome.Device, OnTheDevice). */
interface OnTheDevice {
  Measure(horse: string, entry: string): string
  Mirror(entry: string): string
  Plan(planning: string): void
  CheckSession(sessionId: string, entry: string): string
  Begin(facts: string): void
  Judge(more: string): string
}
interface Runtime {
  dotnet: {
    create(): Promise<{
      getAssemblyExports(assembly: string): Promise<{ Hippodrome: { Device: { OnTheDevice: OnTheDevice } } }>
    }>
  }
}

async function begin(): Promise<OnTheDevice> {
  const { dotnet } = (await import(/* @vite-ignore */ `${deviceAt}dotnet.js`)) as Runtime
  const runtime = await dotnet.create()
  return (await runtime.getAssemblyExports('Hippodrome.Device.dll')).Hippodrome.Device.OnTheDevice
}
const core = begin()
core.catch(() => undefined)

let planned: string | undefined
let begun: string | undefined
let handed = 0

export const device = {
  ready: async () => void (await core),
  measure: async (horse: string, entry: string) => (await core).Measure(horse, entry),
  mirror: async (entry: string) => (await core).Mirror(entry),
  /** A session as it is typed: what it is checked against is handed over when it is another. */
  checkSession: async (planning: string, sessionId: string, entry: string) => {
    const { Plan, CheckSession } = await core
    if (planning !== planned) {
      planned = undefined
      Plan(planning)
      planned = planning
    }
    return CheckSession(sessionId, entry)
  },
  /** A ride as it grows: Core is handed what it has not had yet. */
  judge: async (ride: string, facts: string, taps: RideEvent[]) => {
    const { Begin, Judge } = await core
    const key = `${ride} ${facts}`
    if (key !== begun) {
      Begin(facts)
      begun = key
      handed = 0
    }
    try {
      const more = JSON.stringify(taps.slice(handed))
      handed = taps.length
      return Judge(more)
    } catch (e) {
      // Nobody knows what it has of this ride: the next time all of it is handed over.
      begun = undefined
      throw e
    }
  },
}
expose(device)
