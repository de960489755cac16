/*
 * The usual cautions of the trade, each said where it applies and printed with the pattern. They warn, and send on to the rules where the
 * bag is used or sold; none of them is a limit that the program would know.
 */

export const cautions = {
  strangle: {
    title: 'For a child?',
    text: 'Long cords, straps and loops can catch around a neck. Not for small children; the safety rules where the bag is used or sold come first.',
  },
  trap: {
    title: 'Loops catch.',
    text: 'A chain loop can trap a small finger, and catches on what sticks out.',
  },
  small: {
    title: 'Small parts.',
    text: 'Beads, buttons, pompoms and tassels come off and can be swallowed: not within reach of small children; the safety rules where the bag is used or sold come first.',
  },
  load: {
    title: 'No rated load.',
    text: 'Crochet stretches and gives, and nobody has tested this bag: try it with what it is to carry, low over the ground, and look at its handles again and again.',
  },
  heat: {
    title: 'Hot iron, hot steam.',
    text: 'Iron and steam burn, and melt what is no natural fibre: try a scrap first, and keep hands off the steam.',
  },
  glue: {
    title: 'Glue wants air.',
    text: 'Glue and lacquer want an open window, and hot glue burns: follow what is printed on the tube.',
  },
  magnet: {
    title: 'Strong magnets.',
    text: 'Magnets that are swallowed injure badly, and strong ones disturb cards and some medical devices: sew them in so that they cannot come out, and not for children.',
  },
} as const

export type Caution = keyof typeof cautions
export const cautionIds = Object.keys(cautions) as Caution[]

/** What is said of some cautions, each once and in their order, with what it is about. */
export const cautionWords = (
  found: readonly { readonly caution: Caution; readonly of: string }[],
): {
  readonly caution: Caution
  readonly title: string
  readonly text: string
  readonly of: readonly string[]
}[] =>
  cautionIds.flatMap((caution) => {
    const of = [...new Set(found.filter((one) => one.caution === caution).map((one) => one.of))]
    return of.length > 0 ? [{ caution, ...cautions[caution], of }] : []
  })
