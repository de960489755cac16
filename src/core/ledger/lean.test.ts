import { TAPESTRY } from '../band/index.ts'
import { leanOf } from './lean.ts'

describe('how a straight line of a chart leans on the bag', () => {
  const lean = (
    stitch: string,
    more: { working?: 'spiral' | 'turned'; swatch?: number | null } = {},
  ) =>
    leanOf(
      { swatches: [{ lean: 0.4 }, { lean: null }] as never },
      { worked: 'rounds' },
      {
        making: { working: more.working ?? 'spiral' } as never,
        gauge: { stitch, fabric: TAPESTRY, swatch: more.swatch ?? null } as never,
      },
      'right',
    )

  // Common practice: least in one loop, none where rounds are turned or each stitch is split. The figures are from memory.
  it('is as usual for its stitch until it is measured', () => {
    expect(['sc', 'hdc-blo', 'split-sc'].map((stitch) => lean(stitch))).toEqual([0.25, 0.12, 0])
    expect(lean('sc', { working: 'turned' })).toBe(0)
    expect(lean('split-sc', { swatch: 0 })).toBe(0.4)
    expect(lean('split-sc', { swatch: 1 })).toBe(0)
  })
})
