import {
  BufferAttribute,
  BufferGeometry,
  CanvasTexture,
  Color,
  DirectionalLight,
  DoubleSide,
  Group,
  HemisphereLight,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
  PerspectiveCamera,
  PlaneGeometry,
  Raycaster,
  RepeatWrapping,
  Scene,
  SphereGeometry,
  SRGBColorSpace,
  type Texture,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three'
import type { Form, Place, Surface } from '@core/form'
import type { Maps } from './maps.ts'

/** From where it is looked at: radians it is turned (its left side comes to the front) and looked down on; how near, 1 where it fills the view. */
export interface View {
  readonly turn: number
  readonly tilt: number
  readonly near: number
  /** It fills the view as it stands, not as it turns. */
  readonly still?: boolean
  readonly width: number
  readonly height: number
  /** Pixels of the screen a CSS pixel has. */
  readonly ratio: number
}

/** A place on the bag. */
export type Hit = Place

/** What is drawn: meshes with their fabric on them. */
export interface Model {
  readonly group: Group
  readonly surfaces: ReadonlyMap<Mesh, Surface>
  /** The middle of what is seen, and how far it reaches from there. */
  readonly middle: Vector3
  readonly reach: number
  /** Half of the box it is in. */
  readonly half: Vector3
  readonly dispose: () => void
}

const ANGLE = 26
const HEIGHT = 3
/** The light of the room, and the lamp that stands at the left in front. */
const LIGHT = { sky: '#ffffff', ground: '#a9b5ae', room: 1.65, lamp: 2.1 } as const
const MARK = '#e4523a'

function geometryOf({ at, uv, columns, lines }: Surface, rows: number): BufferGeometry {
  const geometry = new BufferGeometry()
  const shares = new Float32Array(uv.length)
  for (let i = 0; i < uv.length; i += 2) {
    shares[i] = uv[i]!
    shares[i + 1] = uv[i + 1]! / rows
  }
  const index = new Uint32Array(6 * columns * lines)
  let i = 0
  for (let line = 0; line < lines; line++)
    for (let column = 0; column < columns; column++) {
      const a = line * (columns + 1) + column
      const b = a + columns + 1
      index.set([a, a + 1, b, a + 1, b + 1, b], i)
      i += 6
    }
  geometry.setAttribute('position', new BufferAttribute(at, 3))
  geometry.setAttribute('uv', new BufferAttribute(shares, 2))
  geometry.setIndex(new BufferAttribute(index, 1))
  geometry.computeVertexNormals()
  return geometry
}

function textureOf(canvas: OffscreenCanvas, colour: boolean): Texture {
  const texture = new CanvasTexture(canvas)
  texture.wrapS = texture.wrapT = RepeatWrapping
  texture.anisotropy = 4
  if (colour) texture.colorSpace = SRGBColorSpace
  return texture
}

/** A bag as it is drawn. `mapsOf` gives the fabric of each surface; those of one piece share theirs. */
export function modelOf(
  { surfaces, low, high }: Form,
  rowsOf: (surface: Surface) => number,
  mapsOf: (surface: Surface) => Maps,
): Model {
  const group = new Group()
  const all = new Map<Mesh, Surface>()
  const materials = new Map<Maps, MeshStandardMaterial>()
  for (const surface of surfaces) {
    const maps = mapsOf(surface)
    const material =
      materials.get(maps) ??
      new MeshStandardMaterial({
        ...{ map: textureOf(maps.colours, true), bumpMap: textureOf(maps.heights, false) },
        ...{ bumpScale: HEIGHT, roughness: 0.95, side: DoubleSide },
        alphaTest: maps.holes ? 0.5 : 0,
      })
    materials.set(maps, material)
    const mesh = new Mesh(geometryOf(surface, rowsOf(surface)), material)
    all.set(mesh, surface)
    group.add(mesh)
  }
  const middle = new Vector3((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2)
  const reach = Math.max(1, Math.hypot(high[0] - low[0], high[1] - low[1], high[2] - low[2]) / 2)
  const shade = shadow(Math.max(high[0] - low[0], 40), Math.max(high[2] - low[2], 40))
  shade.position.set(middle.x, low[1] - 0.5, middle.z)
  group.add(shade)
  const dispose = () => {
    for (const mesh of all.keys()) mesh.geometry.dispose()
    for (const material of materials.values()) {
      material.map?.dispose()
      material.bumpMap?.dispose()
      material.dispose()
    }
  }
  const half = new Vector3(high[0] - low[0], high[1] - low[1], high[2] - low[2]).multiplyScalar(0.5)
  return { group, surfaces: all, middle, reach, half, dispose }
}

/** How far away a box fills the view. */
function boxFar(half: Vector3, turn: number, tilt: number, slope: number, aspect: number): number {
  let far = 1
  for (const sx of [-1, 1])
    for (const sy of [-1, 1])
      for (const sz of [-1, 1]) {
        const [x, y, z] = [sx * half.x, sy * half.y, sz * half.z]
        const across = x * Math.cos(turn) + z * Math.sin(turn)
        const deep = z * Math.cos(turn) - x * Math.sin(turn)
        const up = y * Math.cos(tilt) - deep * Math.sin(tilt)
        const toward = y * Math.sin(tilt) + deep * Math.cos(tilt)
        far = Math.max(
          far,
          toward + Math.abs(up) / slope,
          toward + Math.abs(across) / slope / aspect,
        )
      }
  return far * 1.03
}

/** A soft shadow on the ground. */
function shadow(wide: number, deep: number): Mesh {
  const canvas = new OffscreenCanvas(128, 128)
  const pen = canvas.getContext('2d')!
  const fade = pen.createRadialGradient(64, 64, 18, 64, 64, 63)
  fade.addColorStop(0, 'rgba(12,26,22,.55)')
  fade.addColorStop(1, 'rgba(12,26,22,0)')
  pen.fillStyle = fade
  pen.fillRect(0, 0, 128, 128)
  const material = new MeshBasicMaterial({
    ...{ map: new CanvasTexture(canvas), transparent: true, depthWrite: false },
  })
  const mesh = new Mesh(new PlaneGeometry(wide * 1.5, deep * 1.7 + 20), material)
  mesh.rotation.x = -Math.PI / 2
  return mesh
}

/** A canvas on which bags are drawn in light. */
export class RoundScene {
  private readonly renderer: WebGLRenderer
  private readonly scene = new Scene()
  private readonly camera = new PerspectiveCamera(ANGLE, 1, 10, 20_000)
  private readonly pivot = new Group()
  private readonly mark: Mesh
  private model: Model | null = null

  /** @throws where the browser draws no such thing */
  constructor(readonly canvas: OffscreenCanvas) {
    this.renderer = new WebGLRenderer({
      ...{ canvas, antialias: true, alpha: true, preserveDrawingBuffer: true },
    })
    this.renderer.setClearColor(new Color('#000000'), 0)
    this.scene.add(new HemisphereLight(LIGHT.sky, LIGHT.ground, LIGHT.room))
    const lamp = new DirectionalLight(LIGHT.sky, LIGHT.lamp)
    lamp.position.set(-0.5, 0.8, 1)
    this.scene.add(lamp, this.pivot)
    this.mark = new Mesh(new SphereGeometry(1, 12, 10), new MeshBasicMaterial({ color: MARK }))
    this.mark.visible = false
    this.pivot.add(this.mark)
  }

  show(model: Model): void {
    if (model === this.model) return
    if (this.model) this.pivot.remove(this.model.group)
    this.model = model
    this.pivot.add(model.group)
    this.mark.visible = false
  }

  draw(view: View): void {
    const { width, height, ratio } = view
    if (!this.model || width < 2 || height < 2) return
    this.renderer.setPixelRatio(ratio)
    this.renderer.setSize(width, height, false)
    this.look(view)
    this.renderer.render(this.scene, this.camera)
  }

  /** Looks at the bag from somewhere, without drawing it. */
  look({ turn, tilt, near, still = false, width, height }: View): void {
    if (!this.model) return
    const { middle, reach } = this.model
    const aspect = width / height
    this.camera.aspect = aspect
    const half = ((ANGLE / 2) * Math.PI) / 180
    const across = Math.atan(Math.tan(half) * Math.min(1, aspect))
    const ball = (reach * 0.97) / Math.sin(across)
    const far = (still ? boxFar(this.model.half, turn, tilt, Math.tan(half), aspect) : ball) / near
    this.camera.position.set(0, far * Math.sin(tilt), far * Math.cos(tilt))
    this.camera.near = Math.max(1, far - 3 * reach)
    this.camera.far = far + 4 * reach
    this.camera.lookAt(0, 0, 0)
    this.camera.updateProjectionMatrix()
    this.pivot.rotation.y = turn
    for (const child of this.pivot.children)
      if (child !== this.mark) child.position.set(-middle.x, -middle.y, -middle.z)
    this.scene.updateMatrixWorld()
    this.camera.updateMatrixWorld()
  }

  /** What lies under a place of the view, from its upper left corner, seen through one of its pieces; null where nothing does. */
  pick(
    x: number,
    y: number,
    { width, height }: Pick<View, 'width' | 'height'>,
    through: number | null = null,
  ): Hit | null {
    if (!this.model) return null
    const ray = new Raycaster()
    ray.setFromCamera(new Vector2((2 * x) / width - 1, 1 - (2 * y) / height), this.camera)
    const seen = [...this.model.surfaces].filter(([, { piece }]) => piece !== through)
    const [hit] = ray.intersectObjects(
      seen.map(([mesh]) => mesh),
      false,
    )
    const surface = hit && this.model.surfaces.get(hit.object as Mesh)
    if (!surface || surface.piece < 0 || !hit.uv) return null
    const rows = surface.uv.at(-1)!
    const last = Math.max(0, Math.ceil(rows) - 1)
    // Texture shares are of all of its piece.
    const total = surface.uv.at(-1)! / Math.max(1e-9, this.topShare(hit.object as Mesh))
    const row = Math.min(last, Math.max(0, Math.floor(hit.uv.y * total)))
    return { piece: surface.piece, row, share: hit.uv.x - Math.floor(hit.uv.x) }
  }
  private topShare(mesh: Mesh): number {
    const uv = mesh.geometry.getAttribute('uv')
    return uv.getY(uv.count - 1)
  }

  /** Shows a place on the bag; null takes that away. */
  markAt(place: Hit | null): void {
    this.mark.visible = false
    if (!place || !this.model) return
    for (const surface of this.model.surfaces.values()) {
      const at = maybePlaceOn(surface, place)
      if (!at) continue
      const { middle, reach } = this.model
      this.mark.visible = true
      this.mark.scale.setScalar(reach / 60)
      this.mark.position.set(at[0] - middle.x, at[1] - middle.y, at[2] - middle.z)
      return
    }
  }

  dispose(): void {
    this.renderer.dispose()
  }
}

/** Where a place lies on a mesh; null where it is not of it. */
function maybePlaceOn(
  { piece, at, uv, columns, lines, round }: Surface,
  place: Hit,
): readonly [number, number, number] | null {
  if (piece !== place.piece) return null
  const [u0, u1] = [uv[0]!, uv[2 * columns]!]
  const [r0, r1] = [uv[1]!, uv.at(-1)!]
  const v = place.row + 0.5
  if (v < r0 || v > r1 || (!round && (place.share < u0 || place.share > u1))) return null
  const column = Math.round(((place.share - u0) / (u1 - u0)) * columns)
  const line = Math.round(((v - r0) / (r1 - r0)) * lines)
  const i = 3 * (line * (columns + 1) + Math.min(columns, Math.max(0, column)))
  return [at[i]!, at[i + 1]!, at[i + 2]!]
}
