export { stages, stageStates, type LessonState, type Stage, type StageState } from './stages'
export { classSays, lessonResult, predictionsSaid, type LessonResult } from './lessonResult'
export { benchChoices, benchLevels, onInstrument, type BenchChoice, type BenchLevel } from './benchLevels'
export { kitNote, readNote, resultNote, type BenchNote } from './benchNotes'
