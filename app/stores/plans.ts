import { until } from '@vueuse/core'
import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import type { Plan, Planned } from '../../core/plan'
import { planStoreWords as words } from '../../words'
import { removal } from '../../storage/edits'
import { plain } from '~/composables/plain'
import { usePlanWorker } from '~/composables/usePlanWorker'
import type { PlanRequest } from '~/workers/plan-service'
import { useBox } from './box'
import { momentNow } from './moment'
import { useRecord } from './record'
import { repository } from './repository'

type Status = { state: 'loading' } | { state: 'ready' }
export type Working =
  | { readonly state: 'idle' }
  | { readonly state: 'working'; readonly done: number; readonly of: number }
  | { readonly state: 'refused'; readonly problem: string }

/** Longer than this nothing is on its way, ms. */
const ARRIVES_MS = 10_000

/** What the worker was last given. */
let sentBox: unknown = null
let sentRecord: unknown = null

/** Plans as they are stored, and the one that is being worked out. */
export const usePlans = defineStore('plans', {
  state: () => ({
    status: { state: 'loading' } as Status,
    all: markRaw([]) as readonly Plan[],
    /** Which plan is being worked out, how far it has come, and what holds so far. */
    workingOn: null as string | null,
    working: { state: 'idle' } as Working,
    soFar: null as Planned | null,
  }),
  getters: {
    /** The day that comes last stands first. */
    newest: (state): readonly Plan[] =>
      [...state.all].sort((a, b) => {
        const day = (plan: Plan) => plan.legs[0]?.water.date ?? ''
        return day(a) === day(b) ? (a.id < b.id ? -1 : 1) : day(a) > day(b) ? -1 : 1
      }),
    byId: (state) => new Map(state.all.map((plan) => [plan.id, plan])),
  },
  actions: {
    open(onError: (error: unknown) => void) {
      repository.watchPlans((plans) => {
        this.$patch((state) => {
          state.all = markRaw(plans)
          state.status = { state: 'ready' }
        })
      }, onError)
    },
    /** Puts a plan in the place of what has its id. `quiet`: a tick or a figure under the hand. */
    save(plan: Plan, label: string, quiet = false) {
      return useBox().edit(label, [{ kind: 'plans', id: plan.id, item: plain(plan) }], { quiet })
    },
    remove(plan: Plan) {
      return useBox().edit(words.removed(plan.name), [removal('plans', plan.id)])
    },
    /** A plan that was just made, and its places, come back from the store a little later. */
    arrived({ id, legs }: Plan): Promise<unknown> {
      const here = () =>
        this.byId.has(id) && legs.every(({ water }) => useBox().places.some((place) => place.id === water.placeId))
      return until(here).toBe(true, { timeout: ARRIVES_MS })
    },
    /** Works a plan out and stores what came of it; what is asked for meanwhile takes its place. */
    async work(plan: Plan, rest: Pick<PlanRequest, 'tried' | 'from'> = { tried: [], from: null }) {
      this.workingOn = plan.id
      this.working = { state: 'working', done: 0, of: 1 }
      if (!this.byId.has(plan.id)) await this.arrived(plan)
      const { box, places, practice } = useBox()
      const { entries } = useRecord()
      const worker = usePlanWorker()
      if (sentRecord !== entries) await worker.setRecord(plain((sentRecord = entries)))
      if (sentBox !== box) await worker.setBox(plain((sentBox = box)))
      const onProgress = ({ done, of, planned }: { done: number; of: number; planned: Planned | null }) => {
        if (this.workingOn !== plan.id || this.working.state !== 'working') return
        this.working = { state: 'working', done, of }
        if (planned) this.soFar = markRaw(planned)
      }
      const asked = plain({ plan: { ...plan, planned: null }, places, practice, at: momentNow(), ...rest })
      const reply = await worker.plan(asked, proxy(onProgress))
      if (reply === null) return
      if (!reply.ok) {
        this.working = { state: 'refused', problem: reply.problem }
        return
      }
      const now = this.byId.get(plan.id)
      this.working = { state: 'idle' }
      this.soFar = null
      // What came of it is no step of the angler’s: it is not undone, but worked out anew.
      if (now) await repository.apply([{ kind: 'plans', id: now.id, item: plain({ ...now, planned: reply.planned }) }])
    },
    async stop() {
      this.working = { state: 'idle' }
      this.workingOn = null
      this.soFar = null
      await usePlanWorker().stop()
    },
  },
})
