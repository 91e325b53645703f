import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readDose, readReps, showDose, showReps } from './notation'

describe('reps as they are written', () => {
  it('are a number, a range, or as many as one can', () => {
    expect(readReps('12')).toEqual({ count: 12 })
    expect(readReps('8-10')).toEqual({ count: 8, most: 10 })
    expect(readReps('max 12–18')).toEqual({ count: 12, most: 18, open: true })
    for (const wrong of ['', 'max', '10-8', '8-8', '0', '1001', '8-10-12', '1e3', '-5']) expect(readReps(wrong), wrong).toBeUndefined()
  })

  it('and what a level does instead, are read as they are shown', () => {
    expect(readDose('6, 2 laps')).toEqual({ reps: 6, laps: 2 })
    expect(readDose('20 s')).toEqual({ seconds: 20 })
    expect(readDose('3 rounds, rest 15 s')).toEqual({ rounds: 3, restSeconds: 15 })
    for (const wrong of ['', '6, 8', 'few', '0 laps', '2 laps, 3 laps', '51 laps']) expect(readDose(wrong), wrong).toBeUndefined()
    const figure = (max: number) => fc.option(fc.integer({ min: 1, max }), { nil: undefined })
    const doses = fc
      .record({ reps: figure(1000), seconds: figure(3600), rounds: figure(50), laps: figure(50), restSeconds: figure(3600) })
      .map((dose) => Object.fromEntries(Object.entries(dose).filter(([, value]) => value !== undefined)))
      .filter((dose) => Object.keys(dose).length > 0)
    fc.assert(fc.property(doses, (dose) => void expect(readDose(showDose(dose))).toEqual(dose)))
    const reps = fc
      .tuple(fc.integer({ min: 1, max: 900 }), fc.option(fc.integer({ min: 1, max: 100 }), { nil: undefined }), fc.boolean())
      .map(([count, more, open]) => ({ count, ...(more !== undefined && { most: count + more }), ...(open && { open: true }) }))
    fc.assert(fc.property(reps, (figures) => void expect(readReps(showReps(figures))).toEqual(figures)))
  })
})
