import { workshop } from '../api/figures'
import type { LengthUnit, MeasuredSetUp, SetUpEntry } from '../api/schema'
import { isLine, isPoles } from './setUpEntries'

/** The finest step that can be set with this person's tape or legs. */
export const tapeStep = (unit: LengthUnit, paceMetres: number | null | undefined) =>
  unit === 'feet'
    ? workshop.footStep
    : unit === 'paces'
      ? (paceMetres ?? workshop.pace) * workshop.paceStep
      : workshop.metreStep

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
  const most = workshop.mostAdjusted
  const adjust = (entry.adjustMetres ?? 0) + Math.round(shared / step) * step
  return { ...entry, adjustMetres: round(Math.min(most, Math.max(-most, adjust))) } as SetUpEntry
}

/** The set-up moved as a whole: along by half metres, across to the nearest line, or by lines. */
export function placed(entry: SetUpEntry, along: number, across: number, byLines = false): SetUpEntry {
  const { lines, arenas } = workshop
  const at = lines.findIndex((l) => l.line === entry.line)
  const wanted = lines[at]!.metres + across
  const far = (i: number) => Math.abs(lines[i]!.metres - wanted)
  const to = byLines
    ? Math.min(lines.length - 1, Math.max(0, at + across))
    : lines.reduce((best, _, i) => (far(i) < far(best) ? i : best), 0)
  const longest = arenas.find((a) => a.arena === entry.arena)!.metres
  const middleMetres = Math.min(longest, Math.max(0, Math.round(((entry.middleMetres ?? 0) + along) * 2) / 2))
  return { ...entry, line: lines[to]!.line, middleMetres } as SetUpEntry
}

/** A distance as one person likes to read it. */
export const reading = (text: { metres: string; feet: string; paces: string }, unit: LengthUnit) =>
  unit === 'feet' ? text.feet : unit === 'paces' ? text.paces : text.metres
