import { expose } from 'comlink'
import { checkPattern, type CheckOptions } from '@core/check'

const api = { check: (text: string, options: CheckOptions) => checkPattern(text, options) }
export type CheckApi = typeof api

expose(api)
