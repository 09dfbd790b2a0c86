/** Control letters that neither XML 1.0 nor iCalendar can hold (XML 1.0, 2.2; RFC 5545, 3.1). */
const CONTROLS = /[^\t\n\u0020-\u007e\u00a0-\ud7ff\ue000-\ufffd\u{10000}-\u{10ffff}]/gu

/** A text as any format can hold it: whole letters, no control letters, lines ended by one sign. */
export const plainLetters = (text: string): string =>
  text.toWellFormed().replaceAll(/\r\n?/g, '\n').replaceAll(CONTROLS, '')

/** A text within a property of iCalendar (RFC 5545, 3.3.11). Example: `a, b` is `a\, b`. */
export const escapedText = (text: string): string =>
  plainLetters(text)
    .replaceAll(/[\\;,]/g, String.raw`\$&`)
    .replaceAll('\n', String.raw`\n`)
