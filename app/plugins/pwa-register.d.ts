/** What the build makes of `virtual:pwa-register`, as far as it is used. */
declare module 'virtual:pwa-register' {
  export function registerSW(options: {
    immediate?: boolean
    onNeedRefresh?: () => void
    onNeedReload?: () => void
  }): () => Promise<void>
}
