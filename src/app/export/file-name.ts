/** A name a file system takes: "Beater tote" → "beater-tote". */
export const fileName = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'bag'
