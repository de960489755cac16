import { printProject } from '@core/file'
import { always, type Export } from './export.ts'

export const projectJson: Export = {
  id: 'project-json',
  title: 'Project as JSON',
  about: 'The whole bag, to keep or to pass on',
  offered: always,
  make: ({ design, file }) => ({
    files: [{ name: `${file}.json`, type: 'application/json', content: printProject(design) }],
  }),
}
