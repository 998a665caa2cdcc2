/** Once the page is drawn and has nothing else to do: what can wait is not in the way of what is looked for. */
export const idle = () =>
  new Promise<void>((done) => {
    if ('requestIdleCallback' in globalThis) requestIdleCallback(() => done(), { timeout: 3000 })
    else setTimeout(done, 300)
  })
