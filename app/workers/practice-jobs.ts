import { debrief, practiceRun, type Debrief, type LessonId, type PracticeRun } from '../../core/practice'
import { sayRig } from '../../words'

/** A day on the practice lake. */
export const practise = (lessonId: LessonId, seed: number): PracticeRun => practiceRun(lessonId, seed, sayRig)

/** What the fish wanted on it, and what the choices cost; null where nothing was fished. */
export const debriefed = (run: PracticeRun): Debrief | null => debrief(run)
