/** How much something that does not work out matters. */
export type Severity = 'error' | 'warning' | 'advice'
