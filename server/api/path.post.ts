/** A dressed lure, its line, cast and retrieve in; its way through the water and its share of the zone out. */
export default defineEventHandler((event) => answerInThread(event, 'path'))
