export { CLEAR, type Tone, type ToneBand, toneOf } from './tone';
