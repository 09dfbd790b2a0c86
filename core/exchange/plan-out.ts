import ical from 'ical-generator'
import Papa from 'papaparse'
import { neutral } from './csv/cells'
import { escapedText, plainLetters } from './letters'

/** A plan as it leaves the app: the day for a calendar, the packing list for a spreadsheet. */

/** One stretch of the day, in words, with its moments, ms since 1970. */
interface CalendarEvent {
  readonly id: string
  readonly fromMs: number
  readonly toMs: number
  readonly summary: string
  readonly description: string
  readonly location: string
}

export interface PlanCalendar {
  readonly name: string
  /** Moment it was written, ms since 1970. */
  readonly atMs: number
  readonly events: readonly CalendarEvent[]
}

/** The day as an iCalendar file (RFC 5545), times in universal time. The library escapes what an event says, not the calendar’s name and not ids. */
export function writeCalendar({ name, atMs, events }: PlanCalendar): string {
  const calendar = ical({ name: escapedText(name), prodId: { company: 'Ygrion', product: 'Plan' } })
  for (const { id, fromMs, toMs, summary, description, location } of events)
    calendar.createEvent({
      id: encodeURIComponent(id.toWellFormed()),
      stamp: new Date(atMs),
      start: new Date(fromMs),
      end: new Date(toMs),
      summary: plainLetters(summary),
      description: plainLetters(description),
      location: plainLetters(location),
    })
  return calendar.toString()
}

/** A line of the packing list, in words. */
export interface PackRow {
  readonly tray: string
  readonly compartment: string
  readonly thing: string
  readonly take: number
  readonly have: number
  readonly packed: boolean
}

/** The packing list as a table. */
export const writePacking = (rows: readonly PackRow[]): string =>
  Papa.unparse(
    rows.map(({ tray, compartment, thing, take, have, packed }) => ({
      tray: neutral(tray),
      compartment,
      thing: neutral(thing),
      take: String(take),
      have: String(have),
      packed: packed ? 'yes' : 'no',
    })),
    { newline: '\r\n' },
  )
