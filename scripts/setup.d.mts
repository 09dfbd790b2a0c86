export const ROOT: string
export const CHROMIUM: string
export const BROWSER_ARGS: string[]
export function run(command: string, args: string[], options?: object): number
export function ensurePackages(): void
export function ensureBrowser(): void
export function ensureBuild(): void
