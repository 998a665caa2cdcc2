import { expose } from 'comlink'
import { deviceAt } from './files'

/** What Core answers, as JSON in and out (Hippodrome.Device, OnTheDevice). */
interface OnTheDevice {
  Measure(horse: string, entry: string): string
  Judge(facts: string, taps: string): string
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

export const device = {
  ready: async () => void (await core),
  measure: async (horse: string, entry: string) => (await core).Measure(horse, entry),
  judge: async (facts: string, taps: string) => (await core).Judge(facts, taps),
}
expose(device)
