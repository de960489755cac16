import { difference } from './difference.ts'

/** Colours as yarn has them, each from light to dark. */
export const yarnColours = [
  { name: 'Natural', steps: ['#faf6ec', '#efe9dc', '#d8cdb6', '#b5a382', '#85714f'] },
  { name: 'Yellow', steps: ['#f7e3a1', '#edc75a', '#d39a2d', '#a87418', '#6f4c12'] },
  { name: 'Orange', steps: ['#f6cfab', '#e9a267', '#d3743a', '#a65324', '#6c3417'] },
  { name: 'Red', steps: ['#f0b9b2', '#d97a72', '#b8423f', '#7c2f35', '#521d22'] },
  { name: 'Pink', steps: ['#f6d3dd', '#e6a3b8', '#cb6d8c', '#983f62', '#5f2740'] },
  { name: 'Violet', steps: ['#ddd0ea', '#b79fd0', '#8769ab', '#5c437f', '#392a52'] },
  { name: 'Blue', steps: ['#cadbef', '#8fb0d8', '#4f79ae', '#22406b', '#152742'] },
  { name: 'Teal', steps: ['#c3e2e0', '#83bfbd', '#3f8e8e', '#206165', '#123c40'] },
  { name: 'Green', steps: ['#d3e3c0', '#a3c286', '#6b9653', '#2f5d46', '#1c3a2c'] },
  { name: 'Brown', steps: ['#dcc4ae', '#b9967a', '#8c6448', '#5f4230', '#3b281d'] },
  { name: 'Grey', steps: ['#e4e5e6', '#b9bcbf', '#85898d', '#55595d', '#2b2e31'] },
] as const

/** The middle steps first, as they are the ones most yarns have. */
const inTurn = [2, 3, 1, 0, 4].flatMap((step) => yarnColours.map(({ steps }) => steps[step]!))

/** A colour of yarn that looks most unlike those there are. */
export function unlikeColour(there: readonly string[]): string {
  const apart = (colour: string) => Math.min(...there.map((one) => difference(one, colour)))
  return inTurn.reduce((best, colour) => (apart(colour) > apart(best) + 1e-9 ? colour : best))
}
