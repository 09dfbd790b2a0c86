/** Whether the server answers, and how much memory it holds, MB. */
export default defineEventHandler(() => ({ ok: true, memoryMb: Math.round(process.memoryUsage.rss() / 1e6) }))
