/** Rising whole numbers, three and more in a row as from–to: "1–4, 6, 7". */
export function numberRuns(numbers: readonly number[]): string {
  const runs: number[][] = []
  for (const number of numbers) {
    const run = runs.at(-1)
    if (run && number === run.at(-1)! + 1) run.push(number)
    else runs.push([number])
  }
  return runs.map((run) => (run.length > 2 ? `${run[0]}–${run.at(-1)}` : run.join(', '))).join(', ')
}
