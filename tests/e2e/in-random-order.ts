/**
 * Every browser test, file by file, in the order that the configuration drew. As one project: a worker keeps its browser, its app
 * and its database from one file to the next, where a project a file would start all three anew for each.
 */
export {}

for (const file of process.env.SPEC_ORDER!.split(' ')) await import(`./${file}`)
