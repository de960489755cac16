/** The places inside a bag, in the order of the work. */
export const places = [
  { name: 'size', title: 'Size' },
  { name: 'bands', title: 'Bands' },
  { name: 'yarns', title: 'Yarns' },
  { name: 'finish', title: 'Finish' },
  { name: 'pattern', title: 'Pattern' },
  { name: 'make', title: 'Make' },
] as const
export type PlaceName = (typeof places)[number]['name']
