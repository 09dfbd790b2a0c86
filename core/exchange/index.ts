export {
  ARCHIVE_VERSION,
  archiveProblem,
  readArchive,
  readContent,
  writeArchive,
  type ArchiveContent,
  type ReadResult,
} from './box-file'
export { LARGEST_FILE, MOST_KEPT } from './limits'
export {
  BOX_KINDS,
  BinItem,
  KeptSettings,
  Photo,
  RejectedRows,
  STORED_TABLES,
  UnreadableRow,
  type BoxKind,
  type StoredTable,
} from './stored-schemas'
export {
  COLUMNS,
  cellUnit,
  columnOf,
  lureFrom,
  readCell,
  showCell,
  guessColumns,
  planImport,
  readSheet,
  writeLures,
  type RejectedRow,
  type Column,
  type ImportPlan,
  type TrayEffect,
  type Mapping,
  type Marks,
  marksOf,
  settled,
  trayEffects,
  unknownWords,
  withWord,
  type OwnWords,
  type Sheet,
  type WordKind,
} from './csv'
export { FORMATS, type ExportFormat } from './formats'
export type { FileProblem, PlacedProblem } from './problem'
export { newPlacesOf, readGpx, writeGpx, writeTrack, type GpxResult } from './gpx'
export { middleOf, readNmeaLog, readSentence, waterOfReadings, type NmeaLog, type NmeaReading } from './nmea'
export type { PlanCalendar } from './plan-out'
export { readOutings, type OutingRowProblem } from './outings-in'
export { writeOutings } from './outings-out'
export { notInTable } from './outings-lacking'
export { readOutingsJson, writeOutingsJson } from './outings-json'
export type { Conflict, StoreProblem } from './store-problem'
export { inParts } from './in-parts'
export { mergeContent } from './merge-content'
export { readArchiveOrShare, readShare, writeShare, type ShareKind } from './share'
export { quick, type QuickRead } from './quick/quick'
export { packed, unpacked } from './share-code'
