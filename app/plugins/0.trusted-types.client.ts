/** Kinds of script address that the browser asks a policy for. */
interface Policies {
  createPolicy: (name: string, rules: { createScriptURL: (url: string) => string }) => unknown
}

/**
 * The page's content policy lets no text become script. Workers and the part that opens without a network are scripts of the page's own origin: those, and
 * only those, pass. Vue brings a policy of its own for what its templates hold.
 */
export default defineNuxtPlugin(() => {
  const { trustedTypes } = window as { trustedTypes?: Policies }
  trustedTypes?.createPolicy('default', {
    createScriptURL(url) {
      const { origin } = new URL(url, window.location.href)
      if (origin !== window.location.origin) throw new TypeError(`a script of ${origin}`)
      return url
    },
  })
})
