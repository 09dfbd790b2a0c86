/**
 * Everything the core says, in the language of the app: core answers with codes and figures, this turns them into sentences, for the page and for the server.
 * Another language is another folder beside `en`, of the same names, and this line.
 */
export * from './en'
