import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

/**
 * Figures and rules of the trade live in Core. Looked for: numbers with a fraction, and signs that are picked out by name.
 * Allowed: a half (marks and steps go by halves), drawings and charts (their numbers are places on paper), sounds, pictures
 * and zoom, the words for signs, and tests.
 */
const figures = [
  {
    selector: "Literal[raw=/^\\d*\\.\\d+$/]:not([raw='0.5'])",
    message: 'A figure of the trade belongs to Core: take it from api/figures, or ask for it.',
  },
  {
    selector:
      'Literal[value=/^(offOrUnlevel|soreBack|heatInLeg|tired|rushedBold|rushedWorried|addedStride|flatAndLong|driftedLeft|driftedRight|wrongLead|tempoLost|refusedYield|headUpShortNeck|behindBitOrLeg|brokeIntoCanter)$/]',
    message: 'What a sign means is decided by a rule in Core.',
  },
]
const drawn = [
  'src/**/*Drawing.vue',
  'src/**/*Chart.vue',
  'src/exercises/FigureInArena.vue',
  'src/horses/HorseFromAbove.vue',
  'src/house/ZoomBox.vue',
  'src/house/MinutesBar.vue',
  'src/house/ReinBalance.vue',
  'src/house/TopBar.vue',
  'src/house/dragging.ts',
  'src/people/SignInPage.vue',
  'src/rides/rail/attention.ts',
  'src/rides/rail/picture.ts',
]

export default ts.config(
  {
    ignores: [
      'dist',
      'public/device',
      'src/api/schema.d.ts',
      'src/api/figures.ts',
      'test-results',
      'playwright-report',
    ],
  },
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    files: ['src/**/*.ts', 'src/**/*.vue'],
    ignores: [...drawn, 'src/house/words.ts', 'src/**/*.test.ts'],
    rules: {
      'no-restricted-syntax': ['error', ...figures],
      'vue/no-restricted-syntax': ['error', ...figures],
    },
  },
  prettier,
)
