export * from './homography.ts'
export * from './photo-gauge.ts'
