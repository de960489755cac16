/** When something was, as short as it can be said: the time today, the day this week, else the date. */
export function whenWords(at: string | undefined, now: Date = new Date()): string {
  if (!at) return ''
  const then = new Date(at)
  const days = Math.floor((startOf(now) - startOf(then)) / 86_400_000)
  if (days === 0) return then.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
  if (days > 0 && days < 7) return then.toLocaleDateString('en-GB', { weekday: 'short' })
  return then.toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    ...(then.getFullYear() === now.getFullYear() ? {} : { year: 'numeric' }),
  })
}
const startOf = (day: Date): number =>
  new Date(day.getFullYear(), day.getMonth(), day.getDate()).getTime()
