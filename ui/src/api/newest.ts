/** So long an answer is waited for while something newer is to be asked; over a slow line one takes about 200 ms. */
const patience = 250

/**
 * A question that changes faster than it is answered, as under a drag. One request is under way at a time. What changes
 * meanwhile is asked once it is answered, the newest only; where the answer stays away, its request is aborted and the
 * newest goes. No answer to an older question is heard after a newer one was asked.
 */
export function newest<In, Out>(
  ask: (input: In, signal: AbortSignal) => Promise<Out>,
  answered: (answer: Out) => void,
  failed: (e: unknown) => void,
) {
  let underWay: { stop: AbortController; since: number } | null = null
  let next: { input: In } | null = null
  let timer: ReturnType<typeof setTimeout> | undefined

  async function go(input: In) {
    const mine = (underWay = { stop: new AbortController(), since: Date.now() })
    try {
      const answer = await ask(input, mine.stop.signal)
      if (underWay === mine) answered(answer)
    } catch (e) {
      if (underWay === mine) failed(e)
    } finally {
      if (underWay === mine) ended()
    }
  }

  function ended() {
    clearTimeout(timer)
    underWay = null
    if (!next) return
    const { input } = next
    next = null
    void go(input)
  }

  return (input: In) => {
    if (!underWay) return void go(input)
    next = { input }
    const stop = underWay.stop
    clearTimeout(timer)
    timer = setTimeout(
      () => {
        stop.abort()
        ended()
      },
      Math.max(0, underWay.since + patience - Date.now()),
    )
  }
}
