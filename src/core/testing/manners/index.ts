export * from './manner.ts'
import { baseToBrim } from './base-to-brim.ts'
import { byMail } from './by-mail.ts'
import { cornersAndEdges } from './corners-and-edges.ts'
import { labels } from './labels.ts'
import { magazine } from './magazine.ts'
import { margins } from './margins.ts'
import { namesAndPlaces } from './names-and-places.ts'
import { netsAndCords } from './nets-and-cords.ts'
import { oddCorners } from './odd-corners.ts'
import { otherHands } from './other-hands.ts'
import { places } from './places.ts'
import { questions } from './questions.ts'
import { rows } from './rows.ts'
import { secondLook } from './second-look.ts'
import { stranger } from './stranger.ts'
import { stripsAndBands } from './strips-and-bands.ts'
import { thirdLook } from './third-look.ts'
import { wholeBags } from './whole-bags.ts'
import { words } from './words.ts'

/** Those the reader was written with. */
export const manners = [
  ...labels,
  ...places,
  ...words,
  ...rows,
  ...stranger,
  ...otherHands,
  ...wholeBags,
  ...namesAndPlaces,
  ...baseToBrim,
  ...cornersAndEdges,
  ...magazine,
  ...stripsAndBands,
  ...questions,
  ...margins,
  ...netsAndCords,
  ...oddCorners,
  ...byMail,
  ...secondLook,
  ...thirdLook,
]
