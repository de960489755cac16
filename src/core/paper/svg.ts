import type { Drawing, DrawnPath, DrawnText } from './drawing.ts'

/** A text as it stands in XML and HTML. */
export const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)

function pathText({ d, fill, stroke }: DrawnPath): string {
  const lines = stroke
    ? ` stroke="${stroke.colour}" stroke-opacity="${stroke.opacity}" stroke-width="${stroke.width}"${stroke.dash ? ` stroke-dasharray="${stroke.dash.join(' ')}"` : ''}`
    : ''
  return `<path d="${d}" fill="${fill ?? 'none'}"${lines}/>`
}

const textText = ({ text, xs, y, size, anchor, ink, bold }: DrawnText): string =>
  `<text x="${xs.join(' ')}" y="${y}" font-size="${size}" text-anchor="${anchor}" fill="${ink}"${bold ? ' font-weight="700"' : ''}>${escaped(text)}</text>`

/** What is in a drawing, as elements of SVG. */
export const partsOf = ({ paths, texts }: Pick<Drawing, 'paths' | 'texts'>): string =>
  [...paths.map(pathText), ...texts.map(textText)].join('\n')

/** A drawing as an SVG of its own. Nothing in it can run. @param unit of its size, where that is not the dots of a screen */
export function svgOf(
  { width, height, title, paths, texts }: Drawing,
  unit: 'mm' | '' = '',
): string {
  const digits = unit ? 2 : 0
  const size = `width="${width.toFixed(digits)}${unit}" height="${height.toFixed(digits)}${unit}" viewBox="0 0 ${width.toFixed(2)} ${height.toFixed(2)}"`
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" ${size} font-family="sans-serif" role="img">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="100%" height="100%" fill="#ffffff"/>`,
    partsOf({ paths, texts }),
    `</svg>`,
  ].join('\n')
}
