import { bladeBait } from './blade-bait/definition'
import { bladedJig } from './bladed-jig/definition'
import { castingMetal } from './casting-metal/definition'
import { castingSpoon } from './casting-spoon/definition'
import { crankbait } from './crankbait/definition'
import { creature } from './creature/definition'
import { finesseWorm } from './finesse-worm/definition'
import { flutterSpoon } from './flutter-spoon/definition'
import { glideBait } from './glide-bait/definition'
import { grub } from './grub/definition'
import { hairJig } from './hair-jig/definition'
import { thinSpoon } from './thin-spoon/definition'
import { longJig } from './long-jig/definition'
import { hardSwimbait } from './hard-swimbait/definition'
import { needlePlug } from './needle-plug/definition'
import { segmentedBait } from './segmented-bait/definition'
import { streamer } from './streamer/definition'
import { umbrellaRig } from './umbrella-rig/definition'
import { inLineSpinner } from './in-line-spinner/definition'
import { jerkbait } from './jerkbait/definition'
import { liplessCrankbait } from './lipless-crankbait/definition'
import { paddleTail } from './paddle-tail/definition'
import { skirtedJig } from './skirted-jig/definition'
import { slowFallJig } from './slow-fall-jig/definition'
import { softJerkbait } from './soft-jerkbait/definition'
import { spinnerbait } from './spinnerbait/definition'
import { stickWorm } from './stick-worm/definition'
import { surface } from './surface/definition'
import { tube } from './tube/definition'
import { forkMinnow } from './fork-minnow/definition'
import { glidingJig } from './gliding-jig/definition'
import { ribbonWorm } from './ribbon-worm/definition'
import { shortJig } from './short-jig/definition'

/** Every family, in the order in which the box shows them. */
export const FAMILIES = [
  spinnerbait,
  bladedJig,
  inLineSpinner,
  castingSpoon,
  thinSpoon,
  flutterSpoon,
  bladeBait,
  castingMetal,
  longJig,
  shortJig,
  slowFallJig,
  glidingJig,
  crankbait,
  liplessCrankbait,
  jerkbait,
  glideBait,
  hardSwimbait,
  surface,
  needlePlug,
  paddleTail,
  softJerkbait,
  stickWorm,
  finesseWorm,
  ribbonWorm,
  forkMinnow,
  grub,
  creature,
  tube,
  segmentedBait,
  skirtedJig,
  hairJig,
  streamer,
  umbrellaRig,
] as const
