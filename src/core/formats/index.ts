export {
  fileName,
  fileTooLarge,
  MAX_FILE_BYTES,
  MAX_WHOLE_BYTES,
  type OpenedFile,
  projectFileName,
  readProjectFile,
  readProjectValue,
  writeProjectFile,
  writeWholeFile,
} from './project-file';
export { type CurvePoint, type CurveRead, readCurveCsv } from './curve-csv';
export { type PartsRead, readPartsCsv, writePartsCsv } from './parts-csv';
export { type Computable, computable } from './computable';
export { type Contents, readContents } from './contents';
export { drawingSvg } from './drawing-svg';
export { drawingDxf } from './dxf';
export { type DrawnHole, type DxfOutline, readDxfOutline } from './dxf-outline';
export { drillCsv, type DrillRow, shortWay, type SpotDrilling, spotProgram, usualSpots } from './drilling';
export { trueSvg } from './true-svg';
export {
  type ListColumn,
  listColumns,
  type ListRead,
  type ListRow,
  type ListWanted,
  readListCsv,
  writeListCsv,
} from './list-csv';
export { readBriefFile } from './brief-file';
export { writeTable } from './csv';
export { type CalendarEntry, writeCalendar } from './ics';
export {
  type BundleFault,
  type BundleRead,
  type HashOf,
  looksLikeZip,
  MOST_BUNDLE_BYTES,
  readBundle,
  type StateMark,
  writeBundle,
} from './bundle';
