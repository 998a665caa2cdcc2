import { existsSync, readdirSync } from 'node:fs'
import type { Plugin } from 'vite'

/** Core for the browser as it was published: a folder named after what it was made from, or nothing yet. */
export function whereDeviceLies() {
  const folder = 'public/device'
  const made = existsSync(folder) ? readdirSync(folder)[0] : undefined
  return { __DEVICE_AT__: JSON.stringify(made ? `/device/${made}/` : '') }
}

/** Tells the pages where Core for the device lies. */
export function device(): Plugin {
  return { name: 'device', config: () => ({ define: whereDeviceLies() }) }
}
