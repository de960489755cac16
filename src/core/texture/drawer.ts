import { edges } from './families/edges.ts'
import { fans } from './families/fans.ts'
import { open } from './families/open.ts'
import { posts } from './families/posts.ts'
import { raised } from './families/raised.ts'
import { spikes } from './families/spikes.ts'
import { woven } from './families/woven.ts'
import type { StitchPattern } from './pattern.ts'

/** The stitch drawer: every pattern there is, family by family. One is added in its family's file and nowhere else. */
export const drawer: readonly StitchPattern[] = [
  ...raised,
  ...posts,
  ...woven,
  ...spikes,
  ...fans,
  ...open,
  ...edges,
]
