/*
 * What is cut of cloth or board: plans in mm, from the upper left corner of the cut line's box, y down. Each shape knows its own figures, so that
 * an allowance is one more of the same shape and no offset of a drawing. Areas: plane geometry.
 */

/** Something to be cut. Paths are SVG path data in mm. */
export interface CutPiece {
  readonly name: string
  readonly times: number
  readonly widthMm: number
  readonly heightMm: number
  /** Where it is cut, and where it is sewn; the same where nothing is sewn. */
  readonly cut: string
  readonly seam: string
  /** Of what the cut line encloses. */
  readonly areaMm2: number
  /** Lines along which it is folded, from left to right. */
  readonly folds: readonly {
    readonly fromX: number
    readonly toX: number
    readonly y: number
    readonly text: string
  }[]
  /** The side of the squares cut out of its lower corners, where it is boxed. */
  readonly notchMm?: number
  /** Where it is pierced. */
  readonly holes: readonly { readonly x: number; readonly y: number }[]
  /** Its size in words is of what is sewn: width and height, or the radius. */
  readonly finished: {
    readonly widthMm: number
    readonly heightMm: number
    readonly radiusMm?: number
  }
}

/** More than the finished size on each side. */
export interface Allowance {
  readonly side: number
  readonly top: number
  readonly bottom: number
}

const figure = (mm: number): string => String(Math.round(mm * 1000) / 1000)
/** Path data: words stay, numbers are rounded to a thousandth of a mm. */
const path = (...parts: readonly (string | number)[]): string =>
  parts.map((part) => (typeof part === 'number' ? figure(part) : part)).join(' ')

type Cut = Omit<CutPiece, 'name' | 'times'>
const bare = { folds: [], holes: [] }

/** A circle of a radius. */
export function circle(radiusMm: number, allowance: number): Cut {
  const r = radiusMm + allowance
  const of = (radius: number) =>
    path(
      'M',
      r - radius,
      r,
      'a',
      radius,
      radius,
      0,
      1,
      0,
      2 * radius,
      0,
      'a',
      radius,
      radius,
      0,
      1,
      0,
      -2 * radius,
      0,
      'Z',
    )
  return {
    ...bare,
    ...{ widthMm: 2 * r, heightMm: 2 * r, cut: of(r), seam: of(radiusMm) },
    areaMm2: Math.PI * r * r,
    finished: { widthMm: 2 * radiusMm, heightMm: 2 * radiusMm, radiusMm },
  }
}

/** Half of a circle, its straight side up. */
export function halfCircle(radiusMm: number, { side, top }: Allowance): Cut {
  const r = radiusMm + side
  const of = (radius: number, from: number, up: number) =>
    path(
      'M',
      r - radius,
      from,
      'L',
      r - radius,
      from - up,
      'L',
      r + radius,
      from - up,
      'L',
      r + radius,
      from,
      'a',
      radius,
      radius,
      0,
      0,
      1,
      -2 * radius,
      0,
      'Z',
    )
  return {
    ...bare,
    ...{ widthMm: 2 * r, heightMm: r + top, cut: of(r, top, top), seam: of(radiusMm, top, 0) },
    areaMm2: (Math.PI * r * r) / 2 + 2 * r * top,
    finished: { widthMm: 2 * radiusMm, heightMm: radiusMm, radiusMm },
  }
}

/** Two straight sides with a half circle at each end. */
export function stadium(lengthMm: number, widthMm: number, allowance: number): Cut {
  const [long, wide] = [lengthMm + 2 * allowance, widthMm + 2 * allowance]
  const of = (length: number, width: number) => {
    const [x, y, r] = [(long - length) / 2, (wide - width) / 2, width / 2]
    return path(
      'M',
      x + r,
      y,
      'L',
      x + length - r,
      y,
      'a',
      r,
      r,
      0,
      0,
      1,
      0,
      width,
      'L',
      x + r,
      y + width,
      'a',
      r,
      r,
      0,
      0,
      1,
      0,
      -width,
      'Z',
    )
  }
  return {
    ...bare,
    ...{ widthMm: long, heightMm: wide, cut: of(long, wide), seam: of(lengthMm, widthMm) },
    areaMm2: (long - wide) * wide + (Math.PI * wide * wide) / 4,
    finished: { widthMm: lengthMm, heightMm: widthMm, radiusMm: widthMm / 2 },
  }
}

/** A rectangle; folded at so many mm from its top. */
export function rectangle(
  widthMm: number,
  heightMm: number,
  { side, top, bottom }: Allowance,
  folds: readonly { readonly y: number; readonly text: string }[] = [],
): Cut {
  const [wide, high] = [widthMm + 2 * side, heightMm + top + bottom]
  return {
    ...bare,
    ...{ widthMm: wide, heightMm: high },
    cut: path('M', 0, 0, 'L', wide, 0, 'L', wide, high, 'L', 0, high, 'Z'),
    seam: path(
      'M',
      side,
      top,
      'L',
      wide - side,
      top,
      'L',
      wide - side,
      high - bottom,
      'L',
      side,
      high - bottom,
      'Z',
    ),
    areaMm2: wide * high,
    folds: folds.map(({ y, text }) => ({ fromX: 0, toX: wide, y: y + top, text })),
    finished: { widthMm, heightMm },
  }
}

/**
 * A face of a bag with a cornered base, boxed: as wide as the base is long and deep, as high as the wall and half the depth, with a square of
 * half the depth cut out of each lower corner.
 */
export function boxed(
  lengthMm: number,
  depthMm: number,
  wallMm: number,
  allowance: Allowance,
): Cut {
  const { side, top, bottom } = allowance
  const [width, height, notch] = [lengthMm + depthMm, wallMm + depthMm / 2, depthMm / 2]
  const [wide, high] = [width + 2 * side, height + top + bottom]
  const of = (x: number, y: number, w: number, h: number) =>
    path(
      'M',
      x,
      y,
      'L',
      x + w,
      y,
      'L',
      x + w,
      y + h - notch,
      'L',
      x + w - notch,
      y + h - notch,
      'L',
      x + w - notch,
      y + h,
      'L',
      x + notch,
      y + h,
      'L',
      x + notch,
      y + h - notch,
      'L',
      x,
      y + h - notch,
      'Z',
    )
  return {
    ...bare,
    ...{
      widthMm: wide,
      heightMm: high,
      cut: of(0, 0, wide, high),
      seam: of(side, top, width, height),
    },
    areaMm2: wide * high - 2 * notch * notch,
    notchMm: notch,
    finished: { widthMm: width, heightMm: height },
  }
}

/** A rectangle with rounded corners. */
export function plate(lengthMm: number, widthMm: number, cornerMm: number): Cut {
  const r = Math.min(cornerMm, lengthMm / 2, widthMm / 2)
  const of = path(
    'M',
    r,
    0,
    'L',
    lengthMm - r,
    0,
    'a',
    r,
    r,
    0,
    0,
    1,
    r,
    r,
    'L',
    lengthMm,
    widthMm - r,
    'a',
    r,
    r,
    0,
    0,
    1,
    -r,
    r,
    'L',
    r,
    widthMm,
    'a',
    r,
    r,
    0,
    0,
    1,
    -r,
    -r,
    'L',
    0,
    r,
    'a',
    r,
    r,
    0,
    0,
    1,
    r,
    -r,
    'Z',
  )
  return {
    ...bare,
    ...{ widthMm: lengthMm, heightMm: widthMm, cut: of, seam: of },
    areaMm2: lengthMm * widthMm - (4 - Math.PI) * r * r,
    finished: { widthMm: lengthMm, heightMm: widthMm },
  }
}
