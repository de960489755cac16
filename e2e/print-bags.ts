import { printProject, projectOf } from '@core/project'
import { everyBag } from '../src/core/testing/every-bag.ts'

/*
 * Prints bags as files: with `all` every pair of construction and beginning with every kind of band; else each construction and
 * beginning once, the kinds of band by turns.
 */
const all = everyBag()
const begun = [...new Set(all.map(({ kind, atOnce }) => `${kind} ${atOnce}`))]
const kinds = [...new Set(all.map(({ band }) => band))]
const chosen = process.argv.includes('all')
  ? all
  : all.filter(
      ({ kind, atOnce, band }) => band === kinds[begun.indexOf(`${kind} ${atOnce}`) % kinds.length],
    )
console.log(
  JSON.stringify(
    chosen.map(({ design }) => ({ name: design.name, file: printProject(projectOf(design)) })),
  ),
)
