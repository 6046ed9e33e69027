import { buyingShape } from './buying';
import { sawingShape } from './sawing';

/** What the slice owns in the document: what is got, and what is sawn. */
export const buildShape = { ...buyingShape, ...sawingShape };
