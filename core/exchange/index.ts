export {
  ARCHIVE_VERSION,
  Archive,
  readArchive,
  writeArchive,
  type ArchiveContent,
  type FileProblem,
  type ReadResult,
} from './box-file'
export { BOX_KINDS, BinItem, Photo, SetAside, type BoxKind } from './kept'
export {
  COLUMNS,
  WRITTEN,
  cellUnit,
  columnOf,
  lureFrom,
  readCell,
  showCell,
  guessColumns,
  planImport,
  readSheet,
  writeLures,
  writeTests,
  type AsideRow,
  type CellProblem,
  type Column,
  type ImportPlan,
  type Mapping,
  type Sheet,
} from './csv'
export { readGpx, writeGpx, type GpxResult, type Waypoint } from './gpx'
export { middleOf, readNmeaLog, readSentence, type NmeaLog, type NmeaReading } from './nmea'
export { readOutings, writeOutings, type OutingRowProblem, type OutingsRead } from './outings-csv'
export { readOutingsJson, writeOutingsJson } from './outings-json'
