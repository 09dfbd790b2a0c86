import { expose } from 'comlink'
import { matchService } from './match-service'

expose(matchService)
