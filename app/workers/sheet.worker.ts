import { expose } from 'comlink'
import { sheetService } from './sheet-service'

expose(sheetService)
