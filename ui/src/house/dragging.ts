import { AutoScroller, Cursor, DragDropManager, Draggable, Droppable, Feedback } from '@dnd-kit/dom'
import { PointerActivationConstraints, PointerSensor, PreventSelection } from '@dnd-kit/dom'
import { onBeforeUnmount, type Directive } from 'vue'

/** What can be taken hold of: which it is, whether it may be moved, and what of it is held (all of it, where nothing is said). */
export interface Held {
  id: string
  fixed?: boolean
  handle?: string
}

/**
 * Dragging under a mouse and under a finger alike: under a finger it begins after a moment's hold, so that the page
 * scrolls all the same. Nothing moves in the page until it is dropped; keys have their own way of moving things.
 */
export function useDragging(on: {
  taken: (id: string) => void
  over: (place: string | null) => void
  dropped: (id: string, place: string | null) => void
  /** A gap stays where a thing was taken from; else the thing is still to be seen there. */
  leavesGap?: boolean
}) {
  const manager = new DragDropManager({
    plugins: [
      AutoScroller.configure({ threshold: { x: 0.08, y: 0.08 } }),
      Cursor,
      PreventSelection,
      Feedback.configure({ feedback: on.leavesGap ? 'default' : 'clone', dropAnimation: null }),
    ],
    sensors: [
      PointerSensor.configure({
        activationConstraints: (e) =>
          e.pointerType === 'mouse'
            ? [new PointerActivationConstraints.Distance({ value: 5 })]
            : [new PointerActivationConstraints.Delay({ value: 250, tolerance: 8 })],
      }),
    ],
  })
  const id = (of: { id: string | number } | null | undefined) => (of ? String(of.id) : null)
  manager.monitor.addEventListener('dragstart', (e) => on.taken(id(e.operation.source)!))
  manager.monitor.addEventListener('dragover', (e) => on.over(id(e.operation.target)))
  manager.monitor.addEventListener('dragend', (e) =>
    on.dropped(id(e.operation.source)!, e.canceled ? null : id(e.operation.target)),
  )
  onBeforeUnmount(() => manager.destroy())

  const held = new WeakMap<HTMLElement, Draggable>()
  const places = new WeakMap<HTMLElement, Droppable>()

  /** Can be taken hold of. */
  const vHeld: Directive<HTMLElement, Held> = {
    mounted(element, { value }) {
      const handle = value.handle ? element.querySelector(value.handle) : null
      held.set(
        element,
        new Draggable(
          { id: value.id, element, handle: handle ?? undefined, disabled: Boolean(value.fixed) },
          manager,
        ),
      )
    },
    updated(element, { value }) {
      const known = held.get(element)!
      if (known.id !== value.id) known.id = value.id
      if (known.disabled !== Boolean(value.fixed)) known.disabled = Boolean(value.fixed)
    },
    beforeUnmount: (element) => held.get(element)?.destroy(),
  }

  /** Takes what is dropped there. */
  const vPlace: Directive<HTMLElement, string> = {
    mounted: (element, { value }) => void places.set(element, new Droppable({ id: value, element }, manager)),
    updated(element, { value }) {
      const known = places.get(element)!
      if (known.id !== value) known.id = value
    },
    beforeUnmount: (element) => places.get(element)?.destroy(),
  }

  return { vHeld, vPlace }
}
