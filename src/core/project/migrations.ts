import type { AnyVersion as Document, Migration } from '../document/index.ts'

/* eslint-disable-next-line @typescript-eslint/no-explicit-any -- what an old file holds is checked after it is migrated */
type Old = any

/** Version 2: several swatches, each with its hook; schools of working, which a part may have of its own; tapers. */
function severalSwatches(document: Document): Document {
  const { design } = document as Old
  if (typeof design !== 'object' || design === null) return { ...document, version: 2 }
  const { swatch, working, parts, ...rest } = design
  const more: Old = { plain: { steps: 1 }, tapestry: { balance: 0 } }
  return {
    ...document,
    version: 2,
    design: {
      ...rest,
      swatches: swatch
        ? [
            {
              ...swatch,
              fabric: 'plain',
              yarn: null,
              hookMm: design.hookMm,
              washed: false,
              stretch: null,
            },
          ]
        : [],
      making: { working, start: 'chain', chainCounts: false, first: 'same' },
      beginning: { ring: 'magic', into: 'loops' },
      parts: Array.isArray(parts)
        ? parts.map((part: Old) => ({ ...part, making: null, ...more[part?.kind] }))
        : parts,
    },
  } as Document
}

/** Version 3: bands of written rows. What version 2 held stays as it is. */
const writtenBands = (document: Document): Document => ({ ...document, version: 3 })

/** Version 4: written rows say which of their runs are worked as often as fits; older ones were counted for one count. */
function writtenRepeats(document: Document): Document {
  const { design } = document as Old
  if (!Array.isArray(design?.parts)) return { ...document, version: 4 }
  const withRepeat = (row: Old) =>
    typeof row === 'object' && row !== null ? { repeat: null, ...row } : row
  const parts = design.parts.map((part: Old) =>
    part?.kind === 'written' && Array.isArray(part.rows)
      ? { ...part, rows: part.rows.map(withRepeat) }
      : part,
  )
  return { ...document, version: 4, design: { ...design, parts } } as Document
}

/** Version 5: a bag of pieces, of which the parts there were are the body; faces that may differ; a log of what is made. */
function pieces(document: Document): Document {
  const { design } = document as Old
  const next = { ...document, version: 5, log: [] }
  if (typeof design !== 'object' || design === null || !('parts' in design)) return next
  const { parts, ...rest } = design
  const chained = { begins: 'row' }
  const faces = (part: Old) => ({ faces: 'alike', second: part.yarn })
  const more: Record<string, (part: Old) => object> = {
    'two-panels': (part) => ({ ...faces(part), ...chained }),
    'half-round': (part) => ({ ...faces(part), plainRows: 0, rows: null, afresh: false }),
    'folded-panel': () => ({ flap: 'last', fold: 'between', ...chained }),
    tube: () => ({ plainBelow: 0 }),
  }
  const body = {
    id: 'bag',
    name: null,
    times: 1,
    parts: Array.isArray(parts)
      ? parts.map((part: Old) => ({ ...part, ...more[part?.kind]?.(part) }))
      : parts,
    joins: [],
  }
  const yarns = Array.isArray(rest.yarns)
    ? rest.yarns.map((yarn: Old) =>
        typeof yarn === 'object' && yarn !== null ? { strands: [], ...yarn } : yarn,
      )
    : rest.yarns
  return { ...next, design: { ...rest, yarns, pieces: [body] } } as Document
}

/** Version 6: joins onto a row; round 1 around a chain in several ways; ch 1 that counts; a weight class for each yarn. */
function joinsToRows(document: Document): Document {
  const { design } = document as Old
  const next = { ...document, version: 6 }
  if (!Array.isArray(design?.pieces)) return next
  const list = (of: unknown, each: (one: Old) => Old) => (Array.isArray(of) ? of.map(each) : of)
  const yarns = list(design.yarns, (yarn) =>
    typeof yarn === 'object' && yarn !== null ? { yarnClass: null, ...yarn } : yarn,
  )
  const withOne = (making: Old) =>
    typeof making === 'object' && making !== null ? { oneCounts: false, ...making } : making
  const more: Record<string, object> = {
    'oval-base': { inFirst: 1 },
    'rectangle-base': { inFirst: 1, rest: 'corners' },
  }
  const pieces = design.pieces.map((piece: Old) =>
    typeof piece === 'object' && piece !== null
      ? {
          ...piece,
          joins: list(piece.joins, (join) => ({ row: null, ...join })),
          parts: list(piece.parts, (part) => ({
            ...more[part?.kind],
            ...part,
            making: withOne(part?.making),
          })),
        }
      : piece,
  )
  return {
    ...next,
    design: { ...design, making: withOne(design.making), yarns, pieces },
  } as Document
}

const isObject = (value: Old): boolean => typeof value === 'object' && value !== null

/** Every part of every piece made anew; what is not of that shape stays as it is, for the faults to tell. */
function eachPart(document: Document, version: number, change: (part: Old) => Old): Document {
  const { design } = document as Old
  const next = { ...document, version }
  if (!Array.isArray(design?.pieces)) return next
  const pieces = design.pieces.map((piece: Old) =>
    isObject(piece) && Array.isArray(piece.parts)
      ? { ...piece, parts: piece.parts.map((part: Old) => (isObject(part) ? change(part) : part)) }
      : piece,
  )
  return { ...next, design: { ...design, pieces } } as Document
}

const BANDS = ['plain', 'stripes', 'tapestry', 'written', 'texture']

/**
 * Version 7: textures that begin in their repeat and end in rows of their own, whose rows say what they are worked into; a base's
 * first row in a stitch of its own.
 */
function textureRows(document: Document): Document {
  const rows = (of: unknown) =>
    Array.isArray(of)
      ? of.map((row: Old) => (isObject(row) ? { onto: 'below', side: null, ...row } : row))
      : of
  return eachPart(document, 7, (one) =>
    one.kind === 'texture'
      ? {
          ...{ end: [], from: 0, passes: 1 },
          ...one,
          begin: rows(one.begin),
          repeat: rows(one.repeat),
        }
      : BANDS.includes(one.kind)
        ? one
        : { firstStitch: null, ...one },
  )
}

/** Version 8: more stitches at the edges of a texture; how repeats of a chart lie, and its strands; how a swatch leans. */
function edgesAndLays(document: Document): Document {
  const more: Record<string, object> = {
    texture: { edge: 0 },
    tapestry: { lay: 'beside', carried: 3 },
  }
  const next = eachPart(document, 8, (part) => ({ ...more[part.kind], ...part })) as Old
  const swatches = next.design?.swatches
  if (!Array.isArray(swatches)) return next as Document
  const leaning = swatches.map((one: Old) => (isObject(one) ? { lean: null, ...one } : one))
  return { ...next, design: { ...next.design, swatches: leaning } } as Document
}

/** Version 9: mosaic. What version 8 held stays as it is. */
const mosaics = (document: Document): Document => ({ ...document, version: 9 })

/** Joins of version 9 named their place field by field. */
function withSpots(pieces: Old): Old {
  const spot = (join: Old) => {
    if (!isObject(join) || isObject(join.to)) return join
    const { to: piece, onto: on, row = null, at, ...rest } = join
    return { ...rest, to: { piece, on, row, by: 'stitch', at, side: 'RS' } }
  }
  return Array.isArray(pieces)
    ? pieces.map((piece: Old) =>
        isObject(piece) && Array.isArray(piece.joins)
          ? { ...piece, joins: piece.joins.map(spot) }
          : piece,
      )
    : pieces
}

/**
 * Version 10: a row that is made is the ledger's own record of it; where the front is, and how yarns are led, can be
 * said; joins go to spots; items. */
function rowRecords(document: Document): Document {
  const { log, design } = document as Old
  const step = ({ stitch, yarn, count }: Old) =>
    stitch === 'skip'
      ? { do: 'pass', times: count, for: 'good' }
      : stitch === 'ch'
        ? { do: 'chain', times: count, yarn, stands: 'over' }
        : { do: 'work', stitch, times: count, yarn }
  const record = (row: Old) => {
    if (!isObject(row) || !Array.isArray(row.runs)) return row
    const { runs, ...rest } = row
    const more = { passes: 1, onto: [], beside: false, unit: null }
    return { ...rest, ...more, work: runs.map((run: Old) => (isObject(run) ? step(run) : run)) }
  }
  return {
    ...document,
    version: 10,
    design: isObject(design)
      ? { frontAfter: null, ways: [], items: [], ...design, pieces: withSpots(design.pieces) }
      : design,
    log: Array.isArray(log) ? log.map(record) : (log ?? []),
  } as Document
}

/** Version 11: how long starting chains are, what is as she wants it, and what there is to note of a texture, can be said. */
function shortChains(document: Document): Document {
  const { design } = document as Old
  const said = (making: Old) => (isObject(making) ? { shortChain: false, ...making } : making)
  const noted = ({ kind }: Old) => (kind === 'texture' ? { notes: '' } : {})
  const inPart = (part: Old) =>
    isObject(part) ? { ...noted(part), ...part, making: said(part.making) } : part
  const inPiece = (piece: Old) =>
    isObject(piece) && Array.isArray(piece.parts)
      ? { ...piece, parts: piece.parts.map(inPart) }
      : piece
  return {
    ...document,
    version: 11,
    design: isObject(design)
      ? {
          meant: [],
          ...design,
          making: said(design.making),
          pieces: Array.isArray(design.pieces) ? design.pieces.map(inPiece) : design.pieces,
        }
      : design,
  } as Document
}

const isBand = ({ kind }: Old): boolean => [...BANDS, 'mosaic', 'relief'].includes(kind)

/** Yarns of a texture stood for the letters of its rows one each, or took turns where its rows have one letter. */
function withSlots(part: Old): Old {
  const rows = [part.begin, part.repeat, part.end].flat().filter(isObject)
  const letters = new Set(
    rows.flatMap(({ runs }: Old) => (Array.isArray(runs) ? runs.map((run: Old) => run?.yarn) : [])),
  )
  if (!Array.isArray(part.yarns)) return part
  const several = letters.size > 1
  const yarns = part.yarns
    .slice(0, several ? letters.size : undefined)
    .map((turn: Old, i: number) => (isObject(turn) ? { slot: several ? i : 0, ...turn } : turn))
  return { ...part, yarns }
}

/** Version 12: discs that differ, how a bottom is taken in, along how many row ends stitches are picked up, and yarns in turn beside one that stays, can be said. */
function facesAndPicks(document: Document): Document {
  const more: Record<string, (part: Old) => object> = {
    discs: ({ yarn }) => ({ faces: 'alike', second: yarn }),
    tube: () => ({ closing: 'evenly', begins: 'row' }),
  }
  const next = eachPart(document, 12, (part) =>
    part.kind === 'texture'
      ? withSlots(part)
      : { ...(isBand(part) ? {} : { turns: [] }), ...more[part.kind]?.(part), ...part },
  ) as Old
  const { design } = next
  if (!Array.isArray(design?.pieces)) return next as Document
  const withOver = (join: Old) => (isObject(join) ? { over: null, ...join } : join)
  const pieces = design.pieces.map((piece: Old) =>
    isObject(piece)
      ? {
          blocks: [],
          ...piece,
          ...(Array.isArray(piece.joins) ? { joins: piece.joins.map(withOver) } : {}),
        }
      : piece,
  )
  return { ...next, design: { ...design, pieces } } as Document
}

/**
 * Version 13: rows may begin elsewhere than the row below; discs and halves can be written; panels that lie on their side; strips
 * turned head to tail.
 */
function begunElsewhere(document: Document): Document {
  const withFrom = (rows: unknown, more: object) =>
    Array.isArray(rows)
      ? rows.map((row: Old) => (isObject(row) ? { from: null, ...more, ...row } : row))
      : rows
  const withAnew = (making: Old) => (isObject(making) ? { anew: null, ...making } : making)
  const withYarn = (round: Old) =>
    isObject(round) && Array.isArray(round.runs)
      ? {
          ...round,
          runs: round.runs.map((run: Old) => (isObject(run) ? { yarn: null, ...run } : run)),
        }
      : round
  const more: Record<string, object> = {
    discs: { rounds: null, begins: 'row' },
    'half-round': { rounds: null },
    strips: { turned: [] },
  }
  const rows = ['rows', 'begin', 'repeat', 'end', 'rounds'] as const
  const next = eachPart(document, 13, (part) => {
    const kept: Old = { ...more[part.kind], ...part, making: withAnew(part.making) }
    const isSaid = ['written', 'texture', 'written-base'].includes(part.kind)
    for (const field of isSaid ? rows : [])
      if (field in kept) kept[field] = withFrom(kept[field], field === 'rounds' ? {} : { down: [] })
    if (part.kind === 'written-base' && Array.isArray(kept.rounds))
      kept.rounds = kept.rounds.map(withYarn)
    return kept
  }) as Old
  const { design, log } = next
  const made = Array.isArray(log)
    ? log.map((one: Old) => (isObject(one) && one.kind === 'made' ? { from: 0, ...one } : one))
    : log
  const withMade = { ...next, ...(log === undefined ? {} : { log: made }) }
  if (!isObject(design)) return withMade as Document
  const withCorner = (join: Old) => (isObject(join) ? { corner: 'none', ...join } : join)
  const pieces = Array.isArray(design.pieces)
    ? design.pieces.map((piece: Old) =>
        isObject(piece) && Array.isArray(piece.joins)
          ? { ...piece, joins: piece.joins.map(withCorner) }
          : piece,
      )
    : design.pieces
  return { ...withMade, design: { ...design, making: withAnew(design.making), pieces } } as Document
}

/** Version 14: what is in hand lot by lot; what stitches were seen to take, of several; schools of leading yarns. */
function lots(document: Document): Document {
  const { design } = document as Old
  const next = { ...document, version: 14 }
  if (!isObject(design)) return next
  const { weighed, unravelled, swatches, ...rest } = design as Old
  const withLots = (strand: Old): Old => {
    if (!isObject(strand)) return strand
    const { inHandGrams, strands, ...others } = strand as Old
    return {
      ...others,
      lots: typeof inHandGrams === 'number' ? [{ lot: null, grams: inHandGrams, of: null }] : [],
      ...(Array.isArray(strands) ? { strands: strands.map(withLots) } : {}),
    }
  }
  const stitch = (Array.isArray(swatches) ? (swatches[0] as Old)?.stitch : null) ?? 'sc'
  const of = { stitch, yarn: null }
  const measured = [
    ...(isObject(unravelled)
      ? [
          {
            ...{ how: 'unravelled', ...of },
            ...{ stitches: unravelled.stitches, amount: unravelled.lengthMm },
          },
        ]
      : []),
    ...(isObject(weighed)
      ? [
          {
            ...{ how: 'weighed', ...of, yarn: weighed.letter },
            ...{ stitches: weighed.stitches, amount: weighed.grams },
          },
        ]
      : []),
  ]
  return {
    ...next,
    design: {
      ...rest,
      ...(swatches === undefined ? {} : { swatches }),
      measured,
      leading: {
        ...{ cutAfter: 4, catchEvery: null, catchNext: false },
        ...{ closeIn: 'new', tails: 'in', doubled: false },
      },
      ...(Array.isArray(rest.yarns) ? { yarns: rest.yarns.map(withLots) } : {}),
    },
  } as Document
}

/** Version 15: cords are made in several ways, and have something at their ends. */
function cordsMade(document: Document): Document {
  const { design } = document as Old
  const next = { ...document, version: 15 }
  if (!isObject(design) || !Array.isArray((design as Old).items)) return next
  const usual = { make: 'chain', ends: 'none', endMm: 60, wraps: 40 }
  const items = (design as Old).items.map((item: Old) =>
    isObject(item) ? { ...usual, ...item } : item,
  )
  return { ...next, design: { ...design, items } } as Document
}

/** Version 16: a pattern has a note from its maker. */
const noted = (document: Document): Document => ({ ...document, version: 16 })

/** Version 17: a log with moments, counts, measurements, pauses, what was taken back, notes and yarn that came and went. */
function moments(document: Document): Document {
  const { log } = document as Old
  const next = { ...document, version: 17 }
  if (!Array.isArray(log)) return next
  const withMoment = (entry: Old): Old => {
    if (!isObject(entry) || (entry as Old).kind !== 'weighed') return entry
    const { on, ...rest } = entry as Old
    return typeof on === 'string' ? { ...rest, at: `${on}T12:00:00.000Z` } : rest
  }
  return { ...next, log: log.map(withMoment) } as Document
}

/** Version 18: what a bag measures hanging with something in it. */
const loaded = (document: Document): Document => ({ ...document, version: 18 })

/** Step n − 1 takes a document of version n to version n + 1. Without gaps; a step is never changed once released. */
export const migrations: readonly Migration[] = [
  severalSwatches,
  writtenBands,
  writtenRepeats,
  pieces,
  joinsToRows,
  textureRows,
  edgesAndLays,
  mosaics,
  rowRecords,
  shortChains,
  facesAndPicks,
  begunElsewhere,
  lots,
  cordsMade,
  noted,
  moments,
  loaded,
]
