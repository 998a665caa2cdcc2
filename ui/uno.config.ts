import presetMini from '@unocss/preset-mini'
import { readFileSync } from 'node:fs'
import { defineConfig } from '@unocss/vite'

/** The house's colours, by the names they have in tokens.css: no others can be named in a class. */
const tokens = readFileSync(new URL('./src/house/tokens.css', import.meta.url), 'utf8')
const colours = Object.fromEntries(
  [...tokens.matchAll(/--([\w-]+): #/g)].map(([, name]) => [name!, `var(--${name})`]),
)

/**
 * Classes that are one declaration each, for what a part of a page needs and no other does: `grid gap-10px`. Lengths are
 * written as they are, with their unit. What needs more than a few, or has a state, is a scoped style.
 */
export default defineConfig({
  presets: [presetMini({ preflight: false })],
  theme: { colors: colours },
  rules: [
    // A border of the house, all round or on one side: a hairline in the colour of lines, or as thick and in the colour said.
    [
      /^edge(?:-([tblr]))?(?:-(\d+)px)?(?:-([a-z][a-z-]*))?$/,
      ([, side, px = '1', colour = 'line']) =>
        colours[colour] && { [`border${sides[side ?? '']}`]: `${px}px solid ${colours[colour]}` },
    ],
    ['font-inherit', { font: 'inherit' }],
    ['font-house', { 'font-family': 'var(--font)' }],
    // Where a text of a drawing stands at its point.
    [/^text-(start|middle|end)-at$/, ([, where]) => ({ 'text-anchor': where })],
  ],
  content: { pipeline: { include: [/\.vue$/, /words\.ts$/] } },
})

const sides: Record<string, string> = { '': '', t: '-top', b: '-bottom', l: '-left', r: '-right' }
