import type { Drawing, DrawnPath, DrawnText } from './chart-drawing.ts'

const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)

function pathText({ d, fill, stroke }: DrawnPath): string {
  const lines = stroke
    ? ` stroke="${stroke.colour}" stroke-opacity="${stroke.opacity}" stroke-width="${stroke.width}"`
    : ''
  return `<path d="${d}" fill="${fill ?? 'none'}"${lines}/>`
}

const textText = ({ text, xs, y, size, anchor, ink }: DrawnText): string =>
  `<text x="${xs.join(' ')}" y="${y}" font-size="${size}" text-anchor="${anchor}" fill="${ink}">${escaped(text)}</text>`

/** A drawing as an SVG of its own. Nothing in it can run. */
export function svgOf({ width, height, title, paths, texts }: Drawing): string {
  const size = `width="${width.toFixed(0)}" height="${height.toFixed(0)}" viewBox="0 0 ${width.toFixed(2)} ${height.toFixed(2)}"`
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" ${size} font-family="sans-serif" role="img">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="100%" height="100%" fill="#ffffff"/>`,
    ...paths.map(pathText),
    ...texts.map(textText),
    `</svg>`,
  ].join('\n')
}
