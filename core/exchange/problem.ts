import type { SchemaFault } from '../fault'
import type { Unit } from '../quantity'

/** What is wrong with a file, a row or a cell, by code and what fills its sentence; words/ says it and what to do about it. */
export type FileProblem =
  | {
      readonly code:
        | 'not-an-archive'
        | 'no-gpx'
        | 'no-waypoints'
        | 'not-a-sentence'
        | 'no-checksum'
        | 'wrong-checksum'
        | 'unreadable'
        | 'unknown-temperature-unit'
        | 'no-rows'
        | 'workbook'
        | 'empty'
        | 'missing'
        | 'no-water'
    }
  /** Where it breaks, and what stands there. */
  | { readonly code: 'not-json'; readonly line: number; readonly near: string }
  /** Rows set aside by an earlier version, with its own words. */
  | { readonly code: 'invalid'; readonly detail: string }
  | { readonly code: 'failed'; readonly detail: string }
  | { readonly code: 'too-large'; readonly megabytes: number }
  | { readonly code: 'not-outings'; readonly at: string; readonly fault: SchemaFault }
  | { readonly code: 'bad-xml'; readonly line: number | null }
  | {
      readonly code: 'other-version'
      readonly version: string
      /** The oldest and the newest that open. */
      readonly reads: readonly [oldest: number, newest: number]
      readonly newer: boolean
    }
  | { readonly code: 'more-problems'; readonly more: number }
  | { readonly code: 'same-id' | 'twice-in-file'; readonly id: string }
  | { readonly code: 'bad-position'; readonly name: string; readonly lat: string; readonly lon: string }
  | { readonly code: 'impossible'; readonly what: string; readonly value: number }
  | { readonly code: 'open-quote'; readonly row: number }
  | { readonly code: 'too-many-rows'; readonly most: number }
  | { readonly code: 'too-many-columns'; readonly columns: number; readonly most: number; readonly row: number }
  | {
      readonly code: 'cell-too-long'
      readonly row: number
      readonly column: number
      readonly letters: number
      readonly most: number
    }
  | { readonly code: 'no-column'; readonly column: string }
  | { readonly code: 'out-of-range'; readonly text: string; readonly from: number; readonly to: number }
  | { readonly code: 'none-of'; readonly text: string; readonly list: readonly string[]; readonly more: boolean }
  /** A cell whose text cannot be what its column wants. */
  | {
      readonly code:
        | 'not-a-number'
        | 'not-a-measure'
        | 'negative'
        | 'not-a-moment'
        | 'unknown-family'
        | 'unknown-unit'
        | 'not-whole'
        | 'not-yes-no'
        | 'not-a-hook-size'
      readonly text: string
    }
  /** A figure that means two things, and both of them. */
  | { readonly code: 'unclear'; readonly text: string; readonly either: readonly [string, string] }
  | { readonly code: 'wrong-kind'; readonly text: string; readonly kind: UnitKind }
  | { readonly code: 'unknown-word'; readonly text: string; readonly what: string; readonly nearest: readonly string[] }
  | { readonly code: 'no-compartment'; readonly tray: string; readonly from: string; readonly to: string }
  | { readonly code: 'limits'; readonly field: string }
  /** A field of a file, with what its schema refuses. */
  | { readonly code: 'fault'; readonly fault: SchemaFault }
  /** A file that was written would not come back as it went out. */
  | { readonly code: 'not-back'; readonly place: string; readonly problem: FileProblem }

type UnitKind = Unit['kind']

/** A problem and where in the file it stands. */
export interface PlacedProblem {
  /** `box.lures[3] “Pirrip 7” › lengthM`; `file` for the whole of it. */
  readonly place: string
  readonly problem: FileProblem
}
