export { type HeldRow, heldRows, type HeldVerdict, type Measured } from './rows';
export { type Setting, type SettingId, settingsOf } from './settings';
export { type Take, takeEdits, type TakeInput, takeOf, untakeEdits, withTaken } from './takes';
