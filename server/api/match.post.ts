/** Conditions, box and options in; ranking with reasons out. The same core as in the page. */
export default defineEventHandler((event) => answerInThread(event, 'match'))
