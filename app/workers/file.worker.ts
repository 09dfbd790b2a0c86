import { expose } from 'comlink'
import { fileService } from './file-service'

expose(fileService)
