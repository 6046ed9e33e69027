import { assemblyShape } from './assembly';
import { buyingShape } from './buying';
import { calendarShape } from './calendar';
import { sawingShape } from './sawing';
import { wiringShape } from './wiring';

/**
 * What the slice owns in the document: what is got, what is sawn, how and when it is put together and
 * wired.
 */
export const buildShape = {
  ...buyingShape,
  ...sawingShape,
  ...assemblyShape,
  ...calendarShape,
  ...wiringShape,
};
