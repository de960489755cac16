import { contrast, inkOn, showsThrough } from './index.ts'

describe('contrast', () => {
  // WCAG 2.x: black on white is 21 : 1, and #767676 is the lightest grey that passes 4.5 : 1 on white.
  it('is the published ratio', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6)
    expect(contrast('#767676', '#ffffff')).toBeGreaterThanOrEqual(4.5)
    expect(contrast('#777777', '#ffffff')).toBeLessThan(4.5)
  })

  it('tells what shows and what can be read', () => {
    expect(showsThrough('#22406b', '#efe9dc')).toBe(true)
    expect(showsThrough('#efe9dc', '#22406b')).toBe(false)
    expect(inkOn('#22406b')).toBe('#ffffff')
    expect(inkOn('#efe9dc')).toBe('#1b2421')
  })
})
