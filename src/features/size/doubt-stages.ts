import {
  type DoubtAsked,
  type DoubtOutput,
  type DoubtPart,
  type FrameResponse,
  joinedResponse,
} from '@/core/doubt';
import type { JobPool, JobResult } from '@/workers';

/** A part that did not come to its end: with what failed, or without a word where it was stopped. */
class Ended extends Error {}

function outputOf(result: JobResult<'doubt'>): DoubtOutput {
  if (result.ok) return result.output;
  throw new Ended(result.reason === 'failed' ? result.message : '');
}

type PartName = DoubtPart['part'];
type Of<P extends PartName> = Extract<DoubtOutput, { part: P }>;

interface StageOptions<P extends PartName> {
  /** Tells these draws apart from others that are under way. */
  readonly lane: string;
  /** How much of the work a stage is, 1 in all. */
  readonly weights: Readonly<Record<P, number>>;
  readonly onDone: (share: number) => void;
}

/** Runs one stage: its parts beside one another. */
export type Stage<All extends PartName> = <P extends All>(
  part: P,
  works: readonly Extract<DoubtPart, { part: P }>[],
) => Promise<Of<P>[]>;

/** Stages of draws of one machine, one after another, and a way to end them all. */
export function doubtStages<All extends PartName>(
  pool: JobPool,
  asked: DoubtAsked,
  { lane, weights, onDone }: StageOptions<All>,
) {
  const jobs: { readonly cancel: () => void }[] = [];
  let before = 0;
  const stage: Stage<All> = async <P extends All>(
    part: P,
    works: readonly Extract<DoubtPart, { part: P }>[],
  ) => {
    const shares = works.map(() => 0);
    const weight = weights[part];
    const outputs = await Promise.all(
      works.map(async (work, i) => {
        const job = pool.run(
          'doubt',
          { asked, work },
          {
            lane: `${lane} ${part} ${i}`,
            onStep({ done, of }) {
              shares[i] = of > 0 ? done / of : 0;
              onDone(before + (weight * shares.reduce((s, v) => s + v, 0)) / shares.length);
            },
          },
        );
        jobs.push(job);
        return outputOf(await job.result) as Of<P>;
      }),
    );
    before += weight;
    onDone(before);
    return outputs;
  };
  const cancel = () => {
    for (const job of jobs) job.cancel();
  };
  return { stage, cancel };
}

/** How the frame answers, in so many shares. */
export async function frameStage(stage: Stage<'frame'>, shares: number): Promise<FrameResponse | null> {
  const frames = await stage(
    'frame',
    Array.from({ length: shares }, (_, from) => ({ part: 'frame' as const, share: { from, every: shares } })),
  );
  return joinedResponse(frames.map((f) => f.response));
}
