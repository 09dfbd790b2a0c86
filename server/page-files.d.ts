/** Made by the build: what each page asks for, by its path. */
declare module '#page-files' {
  export const PAGE_FILES: Readonly<Record<string, readonly string[]>>
}
