declare module 'class-transformer/cjs/storage.js' {
  /** The decorators' metadata, which the package does not type; the one reader of it takes it as it is. */
  export const defaultMetadataStorage: never
}
