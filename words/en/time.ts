const two = (n: number) => String(n).padStart(2, '0')

/** “06:05”, of an hour of the day 0 … 24. */
export function clockTime(hour: number): string {
  const minutes = ((Math.round(hour * 60) % 1440) + 1440) % 1440
  return `${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`
}

/** “06:05”, of a moment, ms since 1970, on the clock of a place; a dash where there is none. */
export const clockAt = (epochMs: number | null, utcOffsetH: number): string =>
  epochMs === null ? '–' : clockTime((epochMs / 3_600_000 + utcOffsetH) % 24)
