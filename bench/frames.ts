import type { Browser, Page } from '@playwright/test'

/* What the main thread does in each frame while something goes on, by the browser's own trace. */

export const quantile = (values: readonly number[], q: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * q))]!

/** Writes a figure down beside what was promised. */
export type Tell = (
  what: string,
  figure: number,
  unit: string,
  promised: number | null,
  also?: string,
) => void

interface TraceEvent {
  readonly name: string
  readonly ts: number
  readonly dur?: number
  /** Processor time of the thread, which leaves out the time it had to wait for a core. */
  readonly tdur?: number
  readonly tid: number
  readonly pid: number
}

export interface Frames {
  /** Milliseconds of main-thread work in each frame, and from each frame to the next. */
  readonly work: readonly number[]
  readonly intervals: readonly number[]
}

/** Does it so many times, and tells what it cost in each frame. */
export async function inFrames(
  browser: Browser,
  page: Page,
  times: number,
  action: (time: number) => Promise<void>,
): Promise<Frames> {
  await browser.startTracing(page, {
    categories: ['toplevel', 'devtools.timeline', 'blink.user_timing'],
  })
  const intervals: number[] = []
  for (let time = 1; time <= times; time++) {
    await page.evaluate(() => {
      const seen = { frames: [] as number[], last: 0, on: true }
      Object.assign(window, { seen })
      performance.mark('begins')
      const next = (now: number) => {
        if (seen.last) seen.frames.push(now - seen.last)
        seen.last = now
        if (seen.on) requestAnimationFrame(next)
      }
      requestAnimationFrame(next)
    })
    await action(time)
    intervals.push(
      ...(await page.evaluate(() => {
        const { seen } = window as unknown as { seen: { frames: number[]; on: boolean } }
        seen.on = false
        performance.mark('ends')
        return seen.frames
      })),
    )
  }
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as {
    traceEvents: TraceEvent[]
  }
  return { work: workByFrame(traceEvents), intervals }
}

/** Milliseconds of tasks on the page's main thread between one frame and the next, while it lasts. */
function workByFrame(events: readonly TraceEvent[]): number[] {
  const marks = (name: string) => events.filter((event) => event.name === name)
  const [{ pid, tid }] = marks('begins') as [TraceEvent]
  const here = (event: TraceEvent) => event.pid === pid && event.tid === tid
  const ends = marks('ends').map(({ ts }) => ts)
  const work: number[] = []
  marks('begins').forEach(({ ts: begins }, time) => {
    const within = ({ ts }: TraceEvent) => ts > begins && ts < ends[time]!
    const inOrder = (list: TraceEvent[]) =>
      list.filter((event) => here(event) && within(event)).sort((a, b) => a.ts - b.ts)
    const starts = [...new Set(inOrder(marks('FireAnimationFrame')).map(({ ts }) => ts))]
    const frames = new Array<number>(starts.length).fill(0)
    let done = 0
    for (const { ts, dur = 0, tdur = dur } of inOrder(
      events.filter(({ name }) => /RunTask$/.test(name)),
    )) {
      // A task within a task is counted once.
      if (ts < done) continue
      done = ts + dur
      const frame = starts.findLastIndex((start) => start <= ts + dur)
      if (frame >= 0) frames[frame]! += tdur / 1000
    }
    work.push(...frames.slice(1, -1))
  })
  return work
}
