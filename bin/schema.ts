import { writeFileSync } from 'node:fs'
import { projectSchema } from '@core/schema'

/* Writes the JSON Schema that ships with the program. */
writeFileSync('public/project-file.schema.json', JSON.stringify(projectSchema(), null, 2) + '\n')
