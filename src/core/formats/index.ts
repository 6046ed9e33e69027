export {
  fileName,
  fileTooLarge,
  MAX_FILE_BYTES,
  projectFileName,
  readProjectFile,
  readProjectValue,
  writeProjectFile,
} from './project-file';
export { type CurvePoint, type CurveRead, readCurveCsv } from './curve-csv';
export { type PartsRead, readPartsCsv, writePartsCsv } from './parts-csv';
export { type Computable, computable } from './computable';
export { drawingSvg } from './drawing-svg';
