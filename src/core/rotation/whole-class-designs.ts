/**
 * Designs that turn: one or two rounds are enough to make all of them (see `developed`).
 *
 * `rounds`: who stands at each station, in order, by number: of `m` people of the one kind 0 … m − 1, of the other m … 2m − 1, and,
 * where the number of stations is even, two who stay themselves. `shifts`: where the rounds that turn into themselves begin. Found
 * here by annealing until nothing was left over.
 */
export interface TurningDesign {
  rounds: readonly string[]
  shifts: readonly number[]
}

/** By the number of stations: those that are 2 more than a multiple of 3, for which one exchange a round is not enough. */
export const designs: Readonly<Record<number, TurningDesign>> = {
  5: {
    rounds: ['1-2 9-4 7-6 8-5 0-3'],
    shifts: [0, 0, 2, 1],
  },
  8: {
    rounds: ['15-7 4-6 9-14 13-2 8-12 0-1 3-10 5-11', '1-13 6-3 2-15 4-14 7-12 10-11 5-8 0-9'],
    shifts: [3],
  },
  11: {
    rounds: ['7-3 15-16 21-19 14-11 17-13 2-4 10-0 18-12 20-9 1-6 5-8'],
    shifts: [5, 1, 9, 2, 10, 7, 9, 4, 6, 0],
  },
  14: {
    rounds: [
      '13-5 15-8 19-23 9-20 1-27 21-24 10-26 2-0 11-17 7-16 6-12 18-3 25-14 4-22',
      '23-18 1-0 14-2 25-26 11-8 6-20 24-17 4-9 7-3 5-15 21-22 27-19 10-13 16-12',
    ],
    shifts: [10],
  },
  17: {
    rounds: ['31-22 25-18 16-12 32-21 33-17 26-30 14-5 20-23 15-28 19-24 6-8 0-11 9-4 27-29 13-3 7-10 2-1'],
    shifts: [9, 16, 13, 2, 12, 13, 12, 14, 6, 4, 7, 0, 5, 16, 15, 10],
  },
  20: {
    rounds: [
      '4-14 2-17 9-3 15-38 6-35 22-33 27-28 10-32 0-8 23-7 24-20 34-29 36-19 30-21 39-11 18-26 31-12 13-16 1-25 5-37',
      '35-19 23-6 10-22 24-13 9-4 18-0 14-12 17-5 37-31 34-1 21-3 38-29 16-20 25-32 2-30 28-39 15-36 11-26 33-8 7-27',
    ],
    shifts: [13],
  },
}
