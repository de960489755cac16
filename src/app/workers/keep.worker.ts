import { expose } from 'comlink'
import { keeping } from '@app/storage/keeping.ts'

expose(keeping)
