/** Builds the app where it has changed since it was built last. */
import { ensureBuild } from './setup.mjs'

ensureBuild()
