import { figures } from '../api/figures'
import type { PartEntry, SessionEntry } from '../api/schema'

/** A session to begin from: walk first, work, walk last. */
export function emptySession(on: string, setUpId?: string): SessionEntry {
  const work: PartEntry[] = [
    {
      phase: 'work',
      what: 'Large circles and transitions',
      gait: 'trot',
      rein: 'both',
      minutes: 10,
      setUpId: null,
      markHopedFor: null,
    },
  ]
  if (setUpId)
    work.push({
      phase: 'work',
      what: '',
      gait: 'trot',
      rein: 'both',
      minutes: 8,
      setUpId,
      markHopedFor: figures.markHoped,
    })
  return {
    on,
    emphasis: '',
    manner: 'ridden',
    helper: false,
    notes: '',
    parts: [
      {
        phase: 'warmUp',
        what: 'Walk on a long rein, both reins',
        gait: 'walk',
        rein: 'both',
        minutes: 10,
        setUpId: null,
        markHopedFor: null,
      },
      {
        phase: 'warmUp',
        what: 'Trot, loose and forward',
        gait: 'trot',
        rein: 'both',
        minutes: 5,
        setUpId: null,
        markHopedFor: null,
      },
      ...work,
      {
        phase: 'coolDown',
        what: 'Walk on a long rein',
        gait: 'walk',
        rein: 'both',
        minutes: 8,
        setUpId: null,
        markHopedFor: null,
      },
    ],
  }
}
