import { type Block, type Figure, type Paper, type Said, spansOf, type WorkLine } from './block.ts'
import { escaped, svgOf } from './svg.ts'

/* A document as one file of HTML that needs nothing beside itself: read, ticked off and printed in any browser, without script. */

/** What is seen of it, on a screen and on paper. */
const STYLE = `
:root { color-scheme: light; }
body { max-width: 46rem; margin: 0 auto; padding: 1.5rem; color: #1b2421; background: #fff; font: 1rem/1.5 system-ui, sans-serif; }
h1, h2, h3, h4 { line-height: 1.2; margin: 1.6em 0 0.4em; }
h1 { margin-top: 0; } h2 { border-bottom: 2px solid #1b2421; padding-bottom: 0.2em; }
.quiet, figcaption, small { color: #4d5a54; } .note { font-style: italic; color: #4d5a54; } .wrong { font-weight: 700; }
figure { margin: 0.8em 0; } figure svg, figure img { max-width: 100%; height: auto; }
.beside { display: flex; flex-wrap: wrap; gap: 1rem; align-items: start; } .beside > div { flex: 1 1 12rem; min-width: 0; }
.figures { display: flex; flex-wrap: wrap; gap: 1rem; } .figures figure { width: 10rem; }
.facts { list-style: none; padding: 0; } .facts li { display: flex; gap: 0.6rem; margin: 0.15em 0; }
.what { flex: 0 0 5.5rem; color: #4d5a54; }
.yarn { flex: none; margin-top: 0.3em; width: 0.9em; height: 0.9em; border: 1px solid #4d5a54; vertical-align: -0.1em; }
.work, .boxes { list-style: none; padding: 0; } .work > li { margin: 0.35em 0; break-inside: avoid; }
.work b { display: inline-block; min-width: 6.5rem; } .total { color: #4d5a54; white-space: nowrap; }
.before { font-style: italic; color: #4d5a54; margin: 0.5em 0 0; } .check { border: 1px dashed #1b2421; padding: 0.3em 0.6em; margin: 0.4em 0; }
.ticks { display: flex; flex-wrap: wrap; gap: 0.2rem 0.6rem; font-size: 0.85rem; }
input[type=checkbox] { width: 1.05em; height: 1.05em; vertical-align: -0.12em; }
.card { border: 1px dashed #1b2421; padding: 0.6em 1em; margin: 1em 0; break-inside: avoid; }
@media print { body { max-width: none; padding: 0; font-size: 10pt; } h2, h3, h4 { break-after: avoid; } figure, .beside { break-inside: avoid; } }
`

const saidHtml = (said: Said): string =>
  spansOf(said)
    .map(({ text, bold, quiet }) => {
      const words = escaped(text)
      return bold ? `<strong>${words}</strong>` : quiet ? `<small>${words}</small>` : words
    })
    .join('')

/** A box to tick, with a name for who does not see it. */
const tick = (name: string, seen = ''): string =>
  `<label><input type="checkbox" aria-label="${escaped(name)}">${seen ? ` ${escaped(seen)}` : ''}</label>`

function lineHtml({ label, before, text, total, after, ticks }: WorkLine): string {
  const one = ticks.length === 1 ? `${tick(`${label} done`)} ` : ''
  const many =
    ticks.length > 1
      ? [`<li class="ticks">${ticks.map((number) => tick(`${number} done`, number)).join('')}</li>`]
      : []
  return [
    ...before.map((words) => `<li class="before">${escaped(words)}</li>`),
    `<li>${one}<b>${escaped(label)}:</b> ${escaped(text)} <span class="total">(${escaped(total)})</span></li>`,
    ...many,
    ...after.map((words) => `<li class="check">${escaped(words)}</li>`),
  ].join('\n')
}
const workHtml = (lines: readonly WorkLine[]): string =>
  `<ul class="work">\n${lines.map(lineHtml).join('\n')}\n</ul>`

/** A drawing within the page; what is seen is said beside it. */
function figureHtml({ drawing, alt, caption }: Figure): string {
  const svg = svgOf({ ...drawing, title: alt })
  return `<figure>${svg}${caption ? `<figcaption>${escaped(caption)}</figcaption>` : ''}</figure>`
}

type Writers = {
  readonly [Is in Block['is']]: (
    block: Extract<Block, { is: Is }>,
    images: ReadonlyMap<string, string>,
  ) => string
}

const writers: Writers = {
  title: ({ text, under }) =>
    `<h1>${escaped(text)}</h1>${under ? `\n<p class="quiet">${escaped(under)}</p>` : ''}`,
  heading: ({ level, text, aside }) =>
    `<h${level + 1}>${escaped(text)}${aside ? ` <small>${escaped(aside)}</small>` : ''}</h${level + 1}>`,
  words: ({ said, tone }) => `<p${tone ? ` class="${tone}"` : ''}>${saidHtml(said)}</p>`,
  list: ({ items, by }) => {
    const tag = by === 'number' ? 'ol' : 'ul'
    const box = (said: Said) => (by === 'box' ? `${tick(spansOf(said)[0]?.text ?? 'done')} ` : '')
    return `<${tag}${by === 'box' ? ' class="boxes"' : ''}>\n${items.map((said) => `<li>${box(said)}${saidHtml(said)}</li>`).join('\n')}\n</${tag}>`
  },
  facts: ({ facts }) =>
    `<ul class="facts">\n${facts
      .map(({ what, said, swatch }) => {
        const dot = swatch
          ? `<svg class="yarn" viewBox="0 0 1 1" role="img" aria-label="${escaped(swatch.letter)}"><rect width="1" height="1" fill="${swatch.colour}"/></svg> `
          : ''
        const name = what && `<span class="what">${escaped(what)}:</span> `
        return `<li>${dot}${name}<span>${said.map(saidHtml).join('<br>')}</span></li>`
      })
      .join('\n')}\n</ul>`,
  work: ({ lines }) => workHtml(lines),
  figure: (figure) => figureHtml(figure),
  figures: ({ figures }) => `<div class="figures">${figures.map(figureHtml).join('\n')}</div>`,
  picture: ({ image, width, height, alt }, images) => {
    const address = images.get(image)
    return address
      ? `<figure><img src="${address}" width="${Math.round(width)}" height="${Math.round(height)}" alt="${escaped(alt)}"></figure>`
      : ''
  },
  beside: ({ columns }, images) =>
    `<div class="beside">${columns.map(({ blocks }) => `<div>${blocksHtml(blocks, images)}</div>`).join('\n')}</div>`,
  cards: ({ cards }) =>
    cards
      .map(
        ({ title, lines }) =>
          `<section class="card"><h2>${escaped(title)}</h2>\n${workHtml(lines)}</section>`,
      )
      .join('\n'),
}

const blocksHtml = (blocks: readonly Block[], images: ReadonlyMap<string, string>): string =>
  blocks.map((block) => writers[block.is](block as never, images)).join('\n')

/** What a document says, as elements of HTML that stand in another page. Headings begin at the first level. */
export const fragmentOf = ({ blocks }: Paper, images: ReadonlyMap<string, string>): string =>
  blocksHtml(blocks, images)

/** A document as a page of its own. @param images addresses of its pictures, with the data in them, by their name */
export const htmlOf = (paper: Paper, images: ReadonlyMap<string, string>): string =>
  `<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escaped(paper.name)}</title>
<style>${STYLE}</style>
</head>
<body>
<main>
${fragmentOf(paper, images)}
</main>
</body>
</html>
`
