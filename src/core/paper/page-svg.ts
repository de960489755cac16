import type { Face } from './lines.ts'
import type { Page } from './pages.ts'
import type { Placed } from './strip.ts'
import { escaped, partsOf } from './svg.ts'

/* A page as it is printed, as a drawing that a browser shows. */

/** How each cut of the letters is set. */
const faces: Readonly<Record<Face, string>> = {
  text: 'class="text"',
  bold: 'class="text" font-weight="700"',
  italic: 'class="text" font-style="italic"',
  head: 'class="head" font-weight="650"',
}

type Writers = {
  readonly [Is in Placed['is']]: (
    item: Extract<Placed, { is: Is }>,
    images: ReadonlyMap<string, string>,
  ) => string
}

const num = (value: number): string => String(Math.round(value * 100) / 100)

const writers: Writers = {
  text: ({ x, y, text, face, size, ink }) =>
    `<text x="${num(x)}" y="${num(y)}" font-size="${num(size)}" fill="${ink}" ${faces[face]}>${escaped(text)}</text>`,
  shape: ({ x, y, d, fill, stroke }) =>
    `<g transform="translate(${num(x)} ${num(y)})">${partsOf({ paths: [{ d, fill, stroke }], texts: [] })}</g>`,
  drawing: ({ x, y, scale, drawing }) =>
    `<g class="text" transform="translate(${num(x)} ${num(y)}) scale(${scale.toFixed(4)})">${partsOf(drawing)}</g>`,
  image: ({ x, y, width, height, image }, images) => {
    const address = images.get(image)
    return address
      ? `<image x="${num(x)}" y="${num(y)}" width="${num(width)}" height="${num(height)}" href="${escaped(address)}"/>`
      : ''
  },
}

/** A page as an SVG whose units are points. Figures say what is seen of them. @param images addresses of pictures by their name */
export function pageSvg(
  { width, height, groups }: Page,
  images: ReadonlyMap<string, string>,
): string {
  const body = groups.map(({ role, alt, items }) => {
    const inside = items.map((item) => writers[item.is](item as never, images)).join('\n')
    const said =
      role === 'Figure'
        ? ` role="img" aria-label="${escaped(alt ?? '')}"`
        : /^H\d$/.test(role)
          ? ` role="heading" aria-level="${role[1]}"`
          : ''
    return `<g${said}>\n${inside}\n</g>`
  })
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${num(width)} ${num(height)}">\n<rect width="100%" height="100%" fill="#ffffff"/>\n${body.join('\n')}\n</svg>`
}
