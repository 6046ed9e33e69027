export { type Book, type BookBlock, type BookChapter, type BookFaces, bookPdf, bookScale } from './book';
export { type DrawingSheet, drawingSheetPdf, roomOn, type SheetPaperId, sheetPapers } from './drawing-sheet';
export { type BoxLabel, type LabelSheetId, labelSheets, labelsPdf } from './labels';
export { shopSheetPdf, type ShopSheet } from './shop-sheet';
export { type StackedItem, stackedPdf } from './stacked';
export { type Template, templatePdf } from './template';
export {
  corrected,
  type Paper,
  type PaperId,
  papers,
  printError,
  RULER,
  sheetName,
  type Tiling,
  tilingFor,
  tilingOn,
} from './tiles';
