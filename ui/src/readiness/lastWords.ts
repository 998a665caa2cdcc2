import type { LastOfAim } from '../api/schema'

/** The demand that is last, in words. */
export const lastWords = (last: LastOfAim) => (last.name ? `last: ${last.name}` : 'all it asks is met')
