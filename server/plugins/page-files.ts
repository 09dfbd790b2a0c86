import { PAGE_FILES } from '#page-files'

/** Names in a page's head what it will ask for, so that it comes beside the first script. */
export default defineNitroPlugin((nitro) => {
  if (import.meta.dev) return
  nitro.hooks.hook('render:html', (html, { event }) => {
    const path = event.path.split('?')[0] ?? '/'
    for (const file of PAGE_FILES[path] ?? [])
      html.head.push(
        file.endsWith('.css')
          ? `<link rel="preload" as="style" crossorigin href="/_nuxt/${file}">`
          : `<link rel="modulepreload" as="script" crossorigin href="/_nuxt/${file}">`,
      )
  })
})
