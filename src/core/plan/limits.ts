/** The most of everything that one plan or class may hold. Beyond these an error names the field. */
export const limits = {
  stations: 40,
  positions: 12,
  laps: 50,
  sets: 50,
  turns: 2000,
  parts: 30,
  pieces: 60,
  uses: 40,
  variations: 400,
  people: 200,
  totalSeconds: 6 * 3600,
  reps: 1000,
  jsonBytes: 1_000_000,
  nameLength: 80,
  noteLength: 1000,
} as const
