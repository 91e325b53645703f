/** The most of everything that one plan or class may hold. Beyond these an error names the field. */
export const limits = {
  stations: 40,
  positions: 12,
  laps: 50,
  sets: 50,
  /** In the whole of a plan too, repeats and waves counted. */
  turns: 2000,
  /** Phases of a timeline. */
  phases: 6000,
  /** Phases at the most, as reckoned before a plan is laid out. */
  countedPhases: 24_000,
  parts: 30,
  pieces: 60,
  uses: 40,
  alternatives: 6,
  variations: 400,
  people: 200,
  totalSeconds: 6 * 3600,
  reps: 1000,
  jsonBytes: 400_000,
  nameLength: 80,
  noteLength: 1000,
} as const
