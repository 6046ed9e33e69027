export { cautionText, nextText } from './cautions';
export { chanceText, doubtedText, doubtfulText, gainText, methodTexts } from './doubt';
export { findingText } from './findings';
export { explainIssue, issueText, refusalText } from './issues';
export type { FieldText } from './field-text';
export { dutyText, effectText, fieldText, labelOf } from './labels-axis';
export { balanceNames } from './balance';
export { gcodeNoteText } from './gcode';
export {
  holdsText,
  jobCountsText,
  jobFindingText,
  jobSpaceText,
  jobWayText,
  longTime,
  slipText,
  timeNames,
  worstLineText,
  worstShortText,
} from './job';
export { jobTakeNames, jobTakeOptions } from './job-takes';
export { type JobBeside, jobBesideText, jobCsvRows, jobSetupText, jobText } from './job-text';
export type { InputText } from './input-text';
export { inputLabel, inputText, placeOfInput } from './labels-machine';
export { beltSpeedText, spindleBearingNames, spindleBeltNames, spindleRatioText } from './spindle';
export {
  accelerationName,
  budgetName,
  caseName,
  figureName,
  noNumberText,
  pulleyText,
  ratioText,
  rungName,
} from './names';
export {
  arrangementText,
  bodyName,
  errorName,
  jointNames,
  newNames,
  givingName,
  isArm,
  roleNames,
  scatterText,
  stockName,
  targetReason,
  wayText,
  workNames,
} from './names-machine';
export { chainPartName } from './names-fit';
export { pieceNames, pieceText } from './pieces';
export { clashText, insteadGroupNames, insteadText } from './instead';
export { dimensionText, knownPlanes, linkText, planeText, stackProposalText } from './stacks';
export { cushionNames, endNotes, switchNames, wiredNames } from './ends';
export {
  groupNames,
  headNames,
  holeText,
  joinsNames,
  locating,
  plateKindNames,
  screwName,
  screwText,
  shopNotes,
  torqueText,
  wayNames,
} from './plates';
export { changeText, fineLength, windowText } from './findings-fit';
export { listFaultText, lineNameOf, needName, originNames, sectionName, stateNames } from './needs';
export { lineName, listRows, type NameMemory, ownerName } from './list-rows';
export { guessedAtSaw, sawingCautions } from './sawing';
export { wantedWords } from './wanted';
export { checkNameOf, costText, remedyEffect, remedyText } from './remedies';
export { type FindingText, micro, stiffnessText } from './teller';
export { oursText, verdictText, verdictWords } from './verdicts';
export {
  assemblyNames,
  type AssemblyNames,
  freeNames,
  keyText,
  locateTexts,
  partTitle,
  partNames,
  readingTexts,
  stateWords,
  stepCautionTexts,
  stepTexts,
  toolNames,
} from './assembly';
export { workTime } from './findings-work';
export {
  cableTitle,
  controllerNames,
  lanePrinciples,
  sectionText,
  signalNames,
  spindlePrinciples,
  stopPrinciples,
  torchPrinciples,
  wireNames,
  wiringCaution,
} from './wiring';
export {
  cautionWords,
  cellName,
  goodFromWords,
  happeningWords,
  instrumentNames,
  methodNames,
  sheetTitle,
  trueFigureName,
  trueText,
} from './truing';
export { methodHow } from './truing-how';
export { moveTexts } from './truing-moves';
export { trialCautions, trialHow, trialTitle, trialTitles } from './trials';
export {
  foretoldNames,
  linkName,
  standingWords,
  trialColumnName,
  trialFigureName,
  trialPair,
  trialRowName,
  trialText,
} from './trial-figures';
export { settingFrom, settingNames, settingText, trialNoteText } from './trial-notes';
export { causeTexts, HAND_TEST, handTexts, signTexts } from './causes';
export {
  faultGroupNames,
  faultSize,
  hintNames,
  levelNames,
  namedWords,
  pointNames,
  PRACTICE_NOTE,
  practiceCures,
  practiceFaultNames,
} from './practice';
export { choiceText, eventFacts, eventNames, eventTitle, laneNames, logKindNames, stretchText } from './log';
export { showFigure } from './figures';
export { differenceText, type DifferenceText } from './changes';
export { atHomeText, bytesText, neverKeptText } from './kept';
export { bundleFaultText } from './bundles';
export {
  anotherText,
  barredText,
  upgradeText,
  effectName,
  limitText,
  readableName,
  timesText,
  upgradeStateNames,
  upgradeVerdictText,
} from './upgrades';
export { glossary, markTerms, searchTerms, type Term, termsIn, verdictMeans, wordsOf } from './glossary';
export { type Guide, guideById, type GuideChapter, guideChapters, guides, searchGuides } from './guides';
export { type TourStop, tourStops, tourTexts } from './tour';
export {
  combinationsText,
  killedText,
  lineMoney,
  reasonNames,
  scaleHelp,
  scaleNames,
  scaleText,
  scaleUnit,
  searchLinkNames,
} from './search';
export {
  accuracyWords,
  cannotText,
  besidesOf,
  failText,
  frameNames,
  givenUpText,
  jobName,
  planLimitText,
  planKindNames,
  planNames,
  refusalTexts,
  wayOutText,
} from './plan';
export { changedText, givesOutText, lessAskedText } from './why-not';
export { sumText } from './money';
export { factNames, notConcernedTexts, schoolTexts, sideTexts } from './schools';
export { againstText, answerName, answerText, linkGroupName } from './variants';
