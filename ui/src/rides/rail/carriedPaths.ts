/** What is taken along of a horse with its sheet: what its set-ups are built from. */
export const carriedPaths = (horseId: string) =>
  ['', '/set-ups', '/carried'].map((of) => `/api/horses/${horseId}${of}`)
