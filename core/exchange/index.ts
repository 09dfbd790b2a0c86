export { ARCHIVE_VERSION, Archive, readArchive, writeArchive, type FileProblem, type ReadResult } from './box-file'
