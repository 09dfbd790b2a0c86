export { ARCHIVE_VERSION, readArchive, writeArchive, type ArchiveContent, type FileProblem } from './box-file'
export { BOX_KINDS, BinItem, Photo, SetAside, type BoxKind } from './kept'
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
  writeTests,
  type AsideRow,
  type Column,
  type ImportPlan,
  type Mapping,
  type Sheet,
} from './csv'
export { readGpx, writeGpx } from './gpx'
export { middleOf, readNmeaLog, readSentence, type NmeaReading } from './nmea'
export { readOutings, writeOutings, type OutingRowProblem } from './outings-csv'
export { readOutingsJson, writeOutingsJson } from './outings-json'
