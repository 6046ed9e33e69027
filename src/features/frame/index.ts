export { AppFrame } from './app-frame';
export { downloadData, downloadText } from './download';
export { foldersAllowed, mayWrite, pickFolder, writeBackup } from './backup';
export { useKept } from './keeper-context';
export { useBundle, useExport } from './export';
export { type MadeFile, useWriting } from './use-writing';
export { type MachineEditor, machineEditor } from './editor';
export { MachineFrame } from './machine-frame';
export { MachineProvider, type OpenMachine, type Trial, useMachine, useTrial } from './machine-context';
export {
  type FlexState,
  ReportsProvider,
  useFlex,
  useFrameTrials,
  useKnown,
  usePainted,
  useReport,
} from './reports-context';
export { FirstLook } from './first-look';
export { Opening } from './opening';
export { todayIso } from './today';
export { type BuildState, useBuild, useStamp } from './use-build';
export { useJobsFound } from './use-jobs-found';
export { type HeldState, useHeld, useProveFindings, useTrials, useTruing } from './use-proof';
export { KeptPhoto } from './kept-photo';
export { keepPhoto, keepProgram, type KeptFile } from './keep-file';
export { useLessons, useLogFindings } from './use-lessons';
export { usePractice } from './use-practice';
export { useWork, wallNow, type WorkState } from './use-work';
export { machineHref, type StationId, stationNames, SURE, VARIANTS, WHOLE } from './stations';
export { tourHref } from './tour';
export { nextHref, NextLink } from './next-link';
export { SaveNotice } from './save-notice';
export { SaveWord } from './sheet-tools';
export { SheetHead, type SheetTab } from './sheet-head';
