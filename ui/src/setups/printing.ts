import { nextTick } from 'vue'

/** What a sheet of paper is for: the pocket, the builder, or whoever moves poles between rides. */
export type Sheet = 'card' | 'tape' | 'moves'

/** Prints one sheet of the page: what has `data-on` for another sheet stays off it. */
export async function printSheet(sheet: Sheet) {
  document.body.dataset.sheet = sheet
  await nextTick()
  window.print()
}
