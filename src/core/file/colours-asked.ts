import { counted } from '../units/index.ts'
import type { CellColour } from './chart-table.ts'

/** Colours of a table or picture that no yarn is for, and what is to be asked of them. */
export interface ColoursAsked {
  readonly words: string
  readonly colours: readonly string[]
}

/** A colour that looks further than this from every yarn is another one. */
const ANOTHER = 12

/** What is to be asked of colours that are further from their yarn than they may be, or that go to the yarn of another. */
export function askOf(colours: readonly CellColour[]): ColoursAsked | null {
  const nearest = new Map<string, CellColour>()
  for (const one of colours) {
    const known = nearest.get(one.letter)
    if (!known || one.apart < known.apart) nearest.set(one.letter, one)
  }
  const homeless = colours.filter((one) => one.apart > ANOTHER || nearest.get(one.letter) !== one)
  if (homeless.length === 0) return null
  const said = homeless
    .slice(0, 4)
    .map(({ colour, letter, apart }) =>
      apart > ANOTHER
        ? `${colour} looks like no yarn of the bag, ${letter} is nearest`
        : `${colour} would be ${letter}, as ${nearest.get(letter)!.colour} is`,
    )
  const more = homeless.length - said.length
  return {
    colours: homeless.map(({ colour }) => colour),
    words: `It has ${counted(colours.length, 'colour')}: ${said.join('; ')}${more > 0 ? `; and ${more} more` : ''}.`,
  }
}
