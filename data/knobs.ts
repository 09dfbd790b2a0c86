/** Conditions that can be moved to see what an answer hangs on, and how far. SI; `log` moves in proportion. */
export const KNOBS = [
  { id: 'visibilityM', name: 'Visibility', role: 'depth', from: 0.2, to: 8, log: true },
  { id: 'waterTempC', name: 'Water temperature', role: 'waterTemp', from: 2, to: 28, log: false },
  { id: 'windMps', name: 'Wind', role: 'wind', from: 0, to: 12, log: false },
  { id: 'hour', name: 'Hour', role: 'hour', from: 0, to: 24, log: false },
  { id: 'currentMps', name: 'Current', role: 'current', from: 0, to: 1.5, log: false },
  { id: 'forageLengthM', name: 'Length of the forage', role: 'lureLength', from: 0.03, to: 0.2, log: true },
] as const
