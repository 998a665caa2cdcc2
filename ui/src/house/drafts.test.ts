import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createSSRApp } from 'vue'
import { renderToString } from 'vue/server-renderer'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../api/client'
import { useDraft, usePageDraft } from './drafts'

// The client asks where it is as soon as it is read.
vi.hoisted(() => Object.assign(globalThis, { location: { origin: 'http://yard.example' } }))

interface Aim {
  id: string
  name: string
  version: number
}
const kept: Aim = { id: 'aim', name: 'Harrowmere', version: 3 }
const send = vi.fn<(entry: { name: string }, on: { view: Aim; version: number } | null) => Promise<Aim>>()

/** A draft as a page has it. */
async function aDraft() {
  let draft!: ReturnType<typeof useDraft<{ name: string }, Aim>>
  const page = createSSRApp({
    setup() {
      draft = useDraft<{ name: string }, Aim>({
        blank: () => ({ name: '' }),
        of: ({ name }) => ({ name }),
        versionOf: (aim) => aim.version,
        send,
        bearsUpon: () => [['aims']],
      })
      return () => null
    },
  })
  await renderToString(page.use(VueQueryPlugin, { queryClient: new QueryClient() }))
  return draft
}

/** A page that is a draft, of what is kept or of a new one. */
async function aPage(of: Aim | undefined) {
  const loaded: string[] = []
  const sent = vi.fn<(version: number | null) => Promise<Aim>>()
  let draft!: ReturnType<typeof usePageDraft<Aim>>
  const page = createSSRApp({
    setup() {
      draft = usePageDraft<Aim>({
        kept: () => of,
        load: (aim) => loaded.push(aim.name),
        send: sent,
        bearsUpon: () => [['aims']],
      })
      return () => null
    },
  })
  await renderToString(page.use(VueQueryPlugin, { queryClient: new QueryClient() }))
  return { draft, loaded, sent }
}

beforeEach(() => send.mockReset())

describe('a page that is a draft', () => {
  it('begins with what is kept and is sent on its version', async () => {
    const { draft, loaded, sent } = await aPage(kept)
    sent.mockResolvedValue({ ...kept, version: 4 })
    expect(loaded).toEqual(['Harrowmere'])
    expect((await draft.keep())?.version).toBe(4)
    expect(sent).toHaveBeenCalledWith(3)
  })

  it('makes a new one where nothing is kept, or where that is asked', async () => {
    const fresh = await aPage(undefined)
    await fresh.draft.keep()
    expect(fresh.sent).toHaveBeenCalledWith(null)
    const again = await aPage(kept)
    await again.draft.keep(null)
    expect(again.sent).toHaveBeenCalledWith(null)
  })

  it('is kept on the version of whoever was quicker once the person has looked at both', async () => {
    const { draft, sent } = await aPage(kept)
    sent.mockRejectedValueOnce(new Problem(409, 'Someone else', 'was quicker.', [], { version: 7 }))
    expect(await draft.keep()).toBeUndefined()
    expect(draft.problem.value?.status).toBe(409)
    sent.mockResolvedValueOnce({ ...kept, version: 8 })
    expect((await draft.keep(7))?.version).toBe(8)
    expect(draft.problem.value).toBeNull()
  })
})

describe('a draft', () => {
  it('is sent with the version it was made from, and closed once it is kept', async () => {
    const draft = await aDraft()
    draft.begin(kept)
    draft.entry.value.name = 'Harrowmere indoor'
    send.mockResolvedValue({ ...kept, version: 4 })

    expect(await draft.keep()).toBe(true)
    expect(send).toHaveBeenCalledWith({ name: 'Harrowmere indoor' }, { view: kept, version: 3 })
    expect([draft.open.value, draft.entry.value.name]).toEqual([false, ''])
  })

  it('makes a new one where none was taken up', async () => {
    const draft = await aDraft()
    draft.begin()
    draft.entry.value.name = 'Lindhurst'
    send.mockResolvedValue({ ...kept, name: 'Lindhurst' })

    await draft.keep()
    expect(send).toHaveBeenCalledWith({ name: 'Lindhurst' }, null)
  })

  it('stays as it was typed when it is refused', async () => {
    const draft = await aDraft()
    draft.begin(kept)
    draft.entry.value.name = ''
    send.mockRejectedValueOnce(new Problem(400, 'A name is wanted.', 'Give one.'))

    expect(await draft.keep()).toBe(false)
    expect(draft.problem.value?.title).toBe('A name is wanted.')
    expect([draft.open.value, draft.entry.value.name]).toEqual([true, ''])
  })

  it('overwrites someone who was quicker only on their version, once both were looked at', async () => {
    const draft = await aDraft()
    draft.begin(kept)
    draft.entry.value.name = 'Mine'
    send.mockRejectedValueOnce(new Problem(409, 'Someone was quicker.', 'Look at both.'))
    await draft.keep()
    expect(draft.entry.value.name).toBe('Mine')

    send.mockResolvedValue({ ...kept, name: 'Mine', version: 6 })
    await draft.keep(5)
    expect(send).toHaveBeenLastCalledWith({ name: 'Mine' }, { view: kept, version: 5 })
  })

  it('gives way to what someone else kept', async () => {
    const draft = await aDraft()
    draft.begin(kept)
    await draft.takeTheirs()
    expect([draft.open.value, draft.changes.value]).toEqual([false, null])
    expect(send).not.toHaveBeenCalled()
  })
})
