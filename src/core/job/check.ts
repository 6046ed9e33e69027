import { Reader } from '@/core/gcode';
import type { Project } from '@/core/model';
import { jobCut } from './cutting';
import { drivesOf, limitsOf } from './drives';
import { Planner } from './planner';
import type { JobReport } from './report';
import type { JobSetup } from './setup';
import { JobTally } from './tally';

/**
 * Runs a file through a machine as it comes: read, planned, loaded. Its memory does not grow with the file.
 */
export class JobCheck {
  private readonly reader: Reader;
  private readonly planner: Planner;
  private readonly tally: JobTally;

  constructor(project: Project, setup: JobSetup) {
    const drives = drivesOf(project);
    const { brief } = project;
    const cuts = new Map(brief.cuts.map((cut) => [cut.id, jobCut(cut, brief.spindle)]));
    this.tally = new JobTally(drives, setup, cuts);
    this.planner = new Planner(limitsOf(drives), setup.planning, (stretch, profile) =>
      this.tally.moved(stretch, profile),
    );
    this.reader = new Reader(setup, {
      move: (motion) => this.planner.push(motion),
      act: (act) => {
        // Whatever a controller switches or waits for, it does at rest.
        this.planner.rest();
        this.tally.acted(act);
      },
    });
  }

  /** Lines that do not hold, and the feeds at which they do; known when all of it was pushed. */
  get slower() {
    return this.tally.slower;
  }

  push(chunk: Uint8Array): void {
    this.reader.push(chunk);
  }

  end(): JobReport {
    const read = this.reader.end();
    this.planner.rest();
    return this.tally.done(read);
  }
}
