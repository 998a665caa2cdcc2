import type { ArenaLine, LengthUnit, MeasuredSetUp, SetUpEntry } from '../api/schema'
import { isLine, isPoles } from './setUpEntries'

/** The finest step that can be set: 5 cm, 3 inches, a quarter of a pace. */
export const tapeStep = (unit: LengthUnit, paceMetres: number) =>
  unit === 'feet' ? 0.0762 : unit === 'paces' ? paceMetres / 4 : 0.05

const round = (metres: number) => Math.round(metres * 10_000) / 10_000

/**
 * The set-up with an element moved along the tape. On a line of fences the gap before it grows and the one
 * after it shrinks; poles a step apart all share in it.
 */
export function moved(
  entry: SetUpEntry,
  measured: MeasuredSetUp,
  element: number,
  metres: number,
  step: number,
): SetUpEntry {
  const by = Math.round(metres / step) * step
  if (isLine(entry)) {
    // What was typed or moved last may be ahead of what is measured.
    const gap = (i: number) => entry.elements![i]!.distanceMetres ?? measured.gaps[i - 1]!.built.built
    const elements = entry.elements!.map((e, i) =>
      i === element
        ? { ...e!, distanceMetres: round(Math.max(0, gap(i) + by)) }
        : i === element + 1
          ? { ...e!, distanceMetres: round(Math.max(0, gap(i) - by)) }
          : e!,
    )
    return { ...entry, elements }
  }
  const shared = isPoles(entry) ? by / element : by
  const adjust = (entry.adjustMetres ?? 0) + Math.round(shared / step) * step
  return { ...entry, adjustMetres: round(Math.min(0.6, Math.max(-0.6, adjust))) } as SetUpEntry
}

const lines: ArenaLine[] = [
  'leftInnerTrack',
  'leftQuarterLine',
  'centreLine',
  'rightQuarterLine',
  'rightInnerTrack',
]
/** Metres of each line from the left long side, to find the nearest to where it was dragged. */
const acrossOf = [3, 5, 10, 15, 17]

/** The set-up moved as a whole: along by half metres, across to the nearest line, or by lines. */
export function placed(entry: SetUpEntry, along: number, across: number, byLines = false): SetUpEntry {
  const at = lines.indexOf(entry.line!)
  const wanted = acrossOf[at]! + across
  const line = byLines
    ? lines[Math.min(lines.length - 1, Math.max(0, at + across))]!
    : lines[
        acrossOf.reduce(
          (best, m, i) => (Math.abs(m - wanted) < Math.abs(acrossOf[best]! - wanted) ? i : best),
          0,
        )
      ]!
  const longest = entry.arena === 'fortyByTwenty' ? 40 : 60
  const middleMetres = Math.min(longest, Math.max(0, Math.round(((entry.middleMetres ?? 0) + along) * 2) / 2))
  return { ...entry, line, middleMetres } as SetUpEntry
}

/** A distance as one person likes to read it. */
export const reading = (text: { metres: string; feet: string; paces: string }, unit: LengthUnit) =>
  unit === 'feet' ? text.feet : unit === 'paces' ? text.paces : text.metres
