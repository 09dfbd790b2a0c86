import { expose } from 'comlink'
import { planService } from './plan-service'

expose(planService)
