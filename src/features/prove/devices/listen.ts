import { type Tone, type ToneBand, toneOf } from '@/core/metrology';

/** What is heard while somebody listens. */
export interface Listening {
  readonly stop: () => void;
}

/** Longest piece that an analyser keeps; at 48 kHz two thirds of a second. */
const PIECE = 32_768;
/** Samples that are put together to one: the tones of belts lie far below. */
const TOGETHER = 6;
/** Looked at so often, ms. */
const EVERY = 250;

/** Means of neighbours: a tone below half of the new rate stays what it is. */
export function thinned(samples: Float32Array, together: number): Float32Array {
  return Float32Array.from({ length: Math.floor(samples.length / together) }, (_, i) => {
    let sum = 0;
    for (let k = 0; k < together; k++) sum += samples[i * together + k]!;
    return sum / together;
  });
}

/** Whether this browser can listen at all. */
export const canListen = (): boolean =>
  typeof navigator !== 'undefined' &&
  typeof navigator.mediaDevices?.getUserMedia === 'function' &&
  typeof AudioContext === 'function';

/**
 * Listens to the microphone until it is stopped; nothing that is heard is kept or leaves the page.
 * @param onTone called with every tone that stands out.
 * @throws where the microphone is not allowed, or there is none.
 */
export async function listen(band: ToneBand, onTone: (tone: Tone) => void): Promise<Listening> {
  const plain = { echoCancellation: false, noiseSuppression: false, autoGainControl: false };
  const stream = await navigator.mediaDevices.getUserMedia({ audio: plain });
  const context = new AudioContext();
  const analyser = new AnalyserNode(context, { fftSize: PIECE });
  context.createMediaStreamSource(stream).connect(analyser);
  const samples = new Float32Array(PIECE);
  const look = () => {
    analyser.getFloatTimeDomainData(samples);
    const tone = toneOf(thinned(samples, TOGETHER), context.sampleRate / TOGETHER, band);
    if (tone) onTone(tone);
  };
  const timer = setInterval(look, EVERY);
  return {
    stop: () => {
      clearInterval(timer);
      for (const track of stream.getTracks()) track.stop();
      void context.close();
    },
  };
}
