import { deflateSync, inflateSync } from 'fflate'
import QRCode from 'qrcode'
import { type Gathered, parcelsOf, unpacked } from '@core/file'
import { refused, type Result } from '@core/units'

/* A bag as a series of QR codes (ISO/IEC 18004): shown by one device, read by the camera of another. */

/** Bytes a code carries: so large that a bag is a few codes, so small that a phone reads each from another phone. */
const EACH = 560
/** More text than this is none of a bag. */
const MOST_TEXT = 20 * 1024 * 1024

/** One code: its modules as one path, in a square of so many modules with the quiet zone around. */
export interface Code {
  readonly modules: number
  readonly d: string
}
const QUIET = 4

function codeOf(parcel: Uint8Array): Code {
  const { modules } = QRCode.create([{ data: new Uint8ClampedArray(parcel), mode: 'byte' }], {
    errorCorrectionLevel: 'M',
  })
  const { size, data } = modules
  let d = ''
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) if (data[y * size + x]) d += `M${x + QUIET} ${y + QUIET}h1v1h-1z`
  return { modules: size + 2 * QUIET, d }
}

/** Text as codes. @throws RangeError for more than can be shown */
export const codesOf = (text: string): Code[] =>
  parcelsOf(deflateSync(new TextEncoder().encode(text), { level: 9 }), EACH).map(codeOf)

/** The text that was sent; refused where it is not what was sent. */
export function textOf(gathered: Gathered): Result<string> {
  const bytes = unpacked(gathered)
  if (!bytes.ok) return bytes
  try {
    const text = inflateSync(bytes.value)
    return text.length > MOST_TEXT
      ? refused('That is too large for a bag.')
      : { ok: true, value: new TextDecoder().decode(text) }
  } catch {
    return refused('What was read is no bag.')
  }
}
