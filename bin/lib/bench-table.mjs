// Prints bench figures as a Markdown table and keeps them in var/bench.json.
import { readFileSync, writeFileSync } from 'node:fs'

const figures = process.argv.slice(2).flatMap((file) => JSON.parse(readFileSync(file, 'utf8')))
writeFileSync('var/bench.json', JSON.stringify(figures, null, 2))
const row = ({ what, unit, median, limit }) =>
  `| ${what} | ${median.toPrecision(3)} ${unit} | ${limit === null ? '' : `at most ${limit} ${unit}`} |`
console.log(['| What | Median | Asked for |', '|---|---|---|', ...figures.map(row)].join('\n'))
