import { MAX_FILE_BYTES, readBriefFile } from '@/core/formats';
import { planReply, plansFor } from '@/core/plan';
import { planNames } from '@/words';
import { refusal } from '../body';
import { guarded } from '../guard';

/** A plan that takes longer is given up, ms: nobody waits for a service for ever. */
const LONGEST = 60_000;

const breath = () => new Promise<void>((done) => setTimeout(done));

/**
 * POST a brief as JSON (or a machine), get two or three whole machines that hold, or which wishes do not go
 * together. 413 above 5 MB, 422 with issues, 503 where it took longer than a minute.
 */
export const POST = (request: Request): Promise<Response> =>
  guarded(request, MAX_FILE_BYTES, (text) => planOf(request, text));

async function planOf(request: Request, text: string): Promise<Response> {
  const opened = readBriefFile(text, new Date().toISOString());
  if (!opened.ok) return refusal(opened.issues, 422);
  const begun = Date.now();
  const steps = plansFor({ project: opened.project, names: planNames });
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return Response.json(planReply(step.value));
    // Who hung up or waits too long is not worked for any more; others are served between two rounds.
    if (request.signal.aborted || Date.now() - begun > LONGEST) break;
    await breath();
  }
  const message = `The plan took longer than ${LONGEST / 1000} s and was given up.`;
  return Response.json({ message }, { status: 503 });
}
