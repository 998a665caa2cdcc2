import { readFileSync, writeFileSync } from 'node:fs'

/** Writes the figures that came with the API document to where the pages find them. */
const document = JSON.parse(readFileSync('src/api/openapi.json', 'utf8'))
writeFileSync(
  'src/api/figures.ts',
  `import type { PageFigures } from './schema'

/** Made from Core with the types beside it: change a figure there. */
export const figures: PageFigures = ${JSON.stringify(document['x-figures'], null, 2)}
export const { workshop } = figures
`,
)
