import { checkPattern } from '../src/core/check/index.ts'
import { held, madeBy, type Manner, manners } from '../src/core/testing/manners/index.ts'

/* How many patterns, each in a manner of its own, are read in full; how many rows are right; how many sound ones raise an alarm. */

const only = process.argv[2]
const loud = process.argv.includes('--loud')

interface Sum {
  patterns: number
  read: number
  rows: number
  right: number
  silent: number
  alarmed: number
}

function over(of: string, list: readonly Manner[]): Sum {
  const sum: Sum = { patterns: 0, read: 0, rows: 0, right: 0, silent: 0, alarmed: 0 }
  for (const manner of list) {
    const wanted = madeBy(manner)
    const { rows, problems, unread } = checkPattern(manner.text)
    sum.patterns++
    sum.rows += wanted.length
    const right = wanted.filter(
      (count, i) => rows[i]?.ok && (count === null || rows[i].makes === count),
    ).length
    sum.right += right
    sum.silent += wanted.filter(
      (count, i) =>
        rows[i]?.ok && count !== null && rows[i].makes !== null && rows[i].makes !== count,
    ).length
    const alarms =
      problems.length +
      unread.length +
      rows.filter((row) => row.problems.some(({ severity }) => severity !== 'advice')).length
    if (alarms > 0) sum.alarmed++
    const whole = right === wanted.length && rows.length === wanted.length && alarms === 0
    if (whole) sum.read++
    if (loud && !whole) {
      console.log(`\n${of}: ${manner.name}  ${right} of ${wanted.length}, ${rows.length} there`)
      for (const one of problems) console.log('   !', JSON.stringify(one))
      for (const one of unread) console.log('   unread', one.line, one.text)
      rows.forEach((row, i) => {
        const fine = row.ok && row.makes === wanted[i] && row.problems.length === 0
        console.log(
          `   ${fine ? ' ' : 'x'} ${row.row} ${row.available}→${row.makes} (${wanted[i]}) ${row.stated ?? ''} ${fine ? '' : `${row.text} ${JSON.stringify(row.problems.map(({ code, facts, from, to }) => [code, facts, from, to]))}`}`,
        )
      })
    }
  }
  return sum
}

const show = (of: string, list: readonly Manner[]) => {
  const { patterns, read, rows, right, silent, alarmed } = over(of, list)
  console.log(
    `${of}: ${read} of ${patterns} read in full; ${right} of ${rows} rows right (${Math.round((100 * right) / rows)} %), ${silent} silently wrong; an alarm on ${alarmed}`,
  )
}
const chosen =
  only && only !== '--loud' ? manners.filter(({ name }) => name.includes(only)) : manners
show('sixty', chosen)
if (process.argv.includes('--held')) show('held', held)
