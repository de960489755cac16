import { printProject } from '@core/project'
import { always, type Export } from './export.ts'

export const projectJson: Export = {
  id: 'project-json',
  title: 'Project as JSON',
  about: 'The whole bag, to keep or to pass on',
  offered: always,
  make: ({ design, log, file }) => ({
    files: [
      { name: `${file}.json`, type: 'application/json', content: printProject({ design, log }) },
    ],
  }),
}
