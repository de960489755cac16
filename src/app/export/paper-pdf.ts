import PDFDocument from 'pdfkit'
import { type Drawing, type Face, type Group, type Page, type Placed } from '@core/paper'
import type { Font, Fonts } from './fonts.ts'

export interface PdfLook {
  readonly title: string
  readonly fonts: Fonts
  /** Pictures of pages by their name, as PNG or JPEG. */
  readonly images: ReadonlyMap<string, Uint8Array>
  readonly tell?: (page: number, of: number) => void
}

type Doc = PDFKit.PDFDocument
/** What its types do not know of the PDF maker. */
interface Inner {
  readonly _font: {
    readonly id: string
    ref(): unknown
    encode(text: string): [string[], { advanceWidth: number }[]]
  }
  readonly page: { readonly fonts: Record<string, unknown> }
}

/** Pages as a PDF with its fonts within it: tagged for readers that speak, with bookmarks. */
export async function pdfOf(
  pages: readonly Page[],
  look: PdfLook,
): Promise<Uint8Array<ArrayBuffer>> {
  const doc = new PDFDocument({
    // No font but those that are brought.
    font: null as never,
    ...{ autoFirstPage: false, pdfVersion: '1.7', tagged: true, lang: 'en', displayTitle: true },
    info: { Title: look.title, Creator: 'Ample Motif' },
  })
  const bytes = collected(doc)
  const tree = doc.struct('Document')
  doc.addStructure(tree)
  const elements = new Map<string, PDFKit.PDFStructureElement>()
  const outline = bookmarks(doc)
  pages.forEach((page, i) => {
    doc.addPage({ size: [page.width, page.height], margin: 0 })
    for (const { level, text, y } of page.marks) outline(level, text, y)
    for (const group of page.groups) putGroup({ doc, look, tree, elements }, group)
    look.tell?.(i + 1, pages.length)
  })
  for (const element of elements.values()) element.end()
  tree.end()
  doc.end()
  return bytes
}

/** All that a document writes, as one. */
function collected(doc: Doc): Promise<Uint8Array<ArrayBuffer>> {
  const parts: Uint8Array[] = []
  return new Promise((done, failed) => {
    doc.on('data', (part: Uint8Array) => parts.push(part))
    doc.on('error', failed)
    doc.on('end', () => {
      const all = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0))
      parts.reduce((at, part) => (all.set(part, at), at + part.length), 0)
      done(all)
    })
  })
}

/** Bookmarks under the last of a higher level. */
function bookmarks(doc: Doc) {
  const open: { level: number; item: PDFKit.PDFOutline }[] = []
  return (level: number, text: string, y: number) => {
    while (open.length > 0 && open.at(-1)!.level >= level) open.pop()
    const under = open.at(-1)?.item ?? doc.outline
    const item = under.addItem(text, { expanded: level < 2, top: y } as never)
    open.push({ level, item })
  }
}

interface Writing {
  readonly doc: Doc
  readonly look: PdfLook
  readonly tree: PDFKit.PDFStructureElement
  /** One for what is parted over pages. */
  readonly elements: Map<string, PDFKit.PDFStructureElement>
}

function putGroup(writing: Writing, { role, of, alt, items }: Group): void {
  const { doc, tree, elements } = writing
  if (role === 'none') {
    doc.markContent('Artifact', { type: 'Layout' })
    for (const item of items) put(writing, item)
    doc.endMarkedContent()
    return
  }
  const key = `${role} ${of}`
  let element = elements.get(key)
  if (!element) {
    element = doc.struct(role, alt ? { alt } : {})
    tree.add(element)
    elements.set(key, element)
  }
  const content = doc.markStructureContent(role)
  for (const item of items) put(writing, item)
  doc.endMarkedContent()
  element.add(content)
}

type Putters = {
  readonly [Is in Placed['is']]: (writing: Writing, item: Extract<Placed, { is: Is }>) => void
}
const putters: Putters = {
  text({ doc, look: { fonts } }, { x, y, text, face, size, ink }) {
    doc.fillColor(ink)
    doc.save()
    doc.transform(1, 0, 0, -1, 0, 0)
    setText(doc, fonts, { text, x, y, face, size })
    doc.restore()
  },
  shape({ doc }, { x, y, d, fill, stroke }) {
    doc.save()
    doc.translate(x, y)
    putPath(doc, { d, fill, stroke })
    doc.restore()
  },
  drawing: ({ doc, look }, { x, y, scale, drawing, clip }) => {
    doc.save()
    if (clip) doc.rect(clip.x, clip.y, clip.width, clip.height).clip()
    doc.translate(x, y)
    doc.scale(scale)
    putDrawing(doc, look.fonts, drawing)
    doc.restore()
  },
  image({ doc, look }, { x, y, width, height, image }) {
    const bytes = look.images.get(image)
    if (bytes) doc.image(bytes as never, x, y, { width, height })
  },
}
const put = (writing: Writing, item: Placed): void => putters[item.is](writing, item as never)

function putPath(doc: Doc, { d, fill, stroke }: Drawing['paths'][number]): void {
  if (!fill && !stroke) return
  doc.path(d)
  if (fill) doc.fillColor(fill)
  if (!stroke) {
    doc.fill()
    return
  }
  doc.strokeColor(stroke.colour, stroke.opacity).lineWidth(stroke.width).lineJoin('round')
  if (stroke.dash) doc.dash(stroke.dash[0]!, { space: stroke.dash[1] ?? stroke.dash[0] })
  if (fill) doc.fillAndStroke()
  else doc.stroke()
  if (stroke.dash) doc.undash()
}

function putDrawing(doc: Doc, fonts: Fonts, { paths, texts }: Drawing): void {
  for (const path of paths) putPath(doc, path)
  doc.save()
  doc.transform(1, 0, 0, -1, 0, 0)
  for (const { text, xs, y, size, anchor, ink, bold } of texts) {
    const face: Face = bold ? 'bold' : 'text'
    doc.fillColor(ink)
    const share = { start: 0, middle: 0.5, end: 1 }[anchor]
    const wide = (words: string) =>
      [...words].reduce((sum, sign) => sum + fonts.advance(sign, face), 0) * size
    if (xs.length === 1)
      setText(doc, fonts, { text, x: xs[0]! - share * wide(text), y, face, size })
    else {
      const signs = [...text]
      signsAt(
        doc,
        fonts,
        signs.map((sign, i) => ({ sign, x: xs[i]! - share * wide(sign) })),
        { y, face, size },
      )
    }
  }
  doc.restore()
}

interface Line {
  readonly y: number
  readonly face: Face
  readonly size: number
}

/** Chooses a font, and gives its name on this page. */
function chosen(doc: Doc, { name, font }: Font, size: number): string {
  doc.font(font as never, name).fontSize(size)
  const { _font, page } = doc as unknown as Inner
  page.fonts[_font.id] ??= _font.ref()
  return _font.id
}
const num = (value: number): string => String(Math.round(value * 1000) / 1000)

/** A text from a place on, where y grows upward. */
function setText(
  doc: Doc,
  fonts: Fonts,
  { text, x, y, face, size }: Line & { readonly text: string; readonly x: number },
): void {
  let at = x
  for (const run of fonts.runs(text, face)) {
    const id = chosen(doc, run.of, size)
    const [codes, places] = (doc as unknown as Inner)._font.encode(run.text)
    doc.addContent(
      `BT /${id} ${num(size)} Tf 1 0 0 1 ${num(at)} ${num(-y)} Tm <${codes.join('')}> Tj ET`,
    )
    at += (places.reduce((sum, { advanceWidth }) => sum + advanceWidth, 0) * size) / 1000
  }
}

/** Signs of a line, each at its own place: one text for all of one font. */
function signsAt(
  doc: Doc,
  fonts: Fonts,
  signs: readonly { readonly sign: string; readonly x: number }[],
  { y, face, size }: Line,
): void {
  for (let from = 0; from < signs.length;) {
    const of = fonts.fontOf(signs[from]!.sign, face)
    let to = from + 1
    while (to < signs.length && fonts.fontOf(signs[to]!.sign, face) === of) to++
    const id = chosen(doc, of, size)
    const own = signs.slice(from, to)
    let at = own[0]!.x
    const steps = own.map(({ sign, x }) => {
      const [codes, places] = (doc as unknown as Inner)._font.encode(sign)
      const back = ((at - x) * 1000) / size
      at = x + (places.reduce((sum, { advanceWidth }) => sum + advanceWidth, 0) * size) / 1000
      return `${num(back)} <${codes.join('')}>`
    })
    doc.addContent(
      `BT /${id} ${num(size)} Tf 1 0 0 1 ${num(own[0]!.x)} ${num(-y)} Tm [${steps.join(' ')}] TJ ET`,
    )
    from = to
  }
}
