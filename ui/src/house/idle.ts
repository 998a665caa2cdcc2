const afterMilliseconds = 1000

/** A second after this and once the page has nothing else to do: what can wait is not in the way of what is looked for. */
export const idle = () =>
  new Promise<void>((done) =>
    setTimeout(() => {
      if ('requestIdleCallback' in globalThis) requestIdleCallback(() => done(), { timeout: 3000 })
      else done()
    }, afterMilliseconds),
  )
