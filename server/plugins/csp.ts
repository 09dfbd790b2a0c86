import { createHash, randomBytes } from 'node:crypto'

/** A strict policy: nothing but our own files, our own inline scripts by their hash, and the theme's style element by a nonce. */
export default defineNitroPlugin((nitro) => {
  if (import.meta.dev) return
  nitro.hooks.hook('render:response', (response) => {
    if (typeof response.body !== 'string') return
    const nonce = randomBytes(16).toString('base64')
    response.body = response.body.replace('<head>', `<head><meta property="csp-nonce" nonce="${nonce}">`)
    const inline = [...response.body.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)]
    const hashes = inline.map(
      ([, text]) =>
        `'sha256-${createHash('sha256')
          .update(text ?? '')
          .digest('base64')}'`,
    )
    Reflect.deleteProperty(response.headers ?? {}, 'x-powered-by')
    response.headers = {
      ...response.headers,
      'content-security-policy': [
        `default-src 'self'`,
        `script-src 'self' ${hashes.join(' ')}`,
        `style-src 'self' 'nonce-${nonce}'`,
        `img-src 'self' data: blob:`,
        `connect-src 'self'`,
        `worker-src 'self'`,
        `font-src 'self'`,
        `object-src 'none'`,
        `base-uri 'none'`,
        `form-action 'none'`,
        `frame-ancestors 'none'`,
        `require-trusted-types-for 'script'`,
        `trusted-types vue default`,
      ].join('; '),
    }
  })
})
