/** Where a thing of the angler’s has its page: ids come out of files and codes too, and may hold any letter. */
const part = (id: string) => encodeURIComponent(id.toWellFormed())

export const outingPath = (id: string) => `/outing/${part(id)}`
export const planPath = (id: string) => `/plan/${part(id)}`
export const packPath = (planId: string) => `/plan/pack/${part(planId)}`
export const printPath = (planId: string) => `/plan/print/${part(planId)}`
export const techniquePath = (id: string) => `/rules/techniques?t=${part(id)}`
