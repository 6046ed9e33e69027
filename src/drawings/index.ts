export { axisDrawing, axisInWords, type AxisShown, type Paper } from './axis';
export { type ArrangementFormat, arrangementFile, arrangementFormats } from './machine-files';
export {
  type Arrangement,
  arrangementDrawing,
  type ArrangementShown,
  boxInks,
  placeOf,
  type Positions,
  restingPositions,
  sceneDrawing,
  type SceneShown,
  type ViewId,
} from './scene';
export { gantryDrawing, gantryInWords, type GantryShown } from './gantry';
export { chainDrawing, type ChainHandle, chainHandle, chainInWords, type ChainShown } from './chain';
export { gapDrawing, stackDrawing, stackInWords, stackLetter, type StackShown } from './stack';
export { endsDrawing, endsInWords, type EndsShown } from './ends';
export { operationLayer, plateDrawing, plateForShop, plateInWords, type PlateShown } from './plate';
export {
  drillRows,
  plateFile,
  type PlateFile,
  type PlateFileOptions,
  type PlateFormat,
  plateFormats,
} from './plate-files';
export { passingDrawing, passingInWords, type PassingShown } from './passing';
export {
  type BuildSheetId,
  buildSheets,
  cutsCsv,
  cutsPdf,
  labelsFile,
  partsCsv,
  pieceNames,
} from './build-files';
export { barsDrawing, barsInWords, type BarsShown } from './bars';
export { type MapStep, orderMap, type OrderMapShown } from './order-map';
export { wayOffDrawing, type WayOffShown } from './way-off';
export { daysDrawing, type DaysShown } from './days';
export { datesIcs, orderCsv, orderPdf, type WorkShown } from './work-files';
export { stopCircuit } from './stop-circuit';
export { cableName, cableNotes, hasTorch, wiringCsv, wiringPdf, type WiringShown } from './wiring-files';
export { roundsDrawing, type RoundsShown, truingDrawing, type TruingShown } from './truing';
export { setupDrawing } from './truing-setup';
export { compensationCsv, hasCompensation, recordCsv, settingsCsv } from './prove-files';
export { BOOK_STEPS, bookMarkdown, bookOf, bookSteps, type BookTime, cautionsBook } from './book';
