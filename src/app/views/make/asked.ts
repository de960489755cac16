/** What can be asked for while one works; each opens a dialog. */
export type Asked = 'count' | 'rip' | 'plan' | 'weigh' | 'note' | 'hand'
