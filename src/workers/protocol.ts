import type { Flex, Improvement, ImprovementStep, WayId } from '@/core/machine';
import type { Project } from '@/core/model';

/** What is asked of the worker that solves frames. Plain data crosses; errors cross as data. */
export interface FlexApi {
  /** The frame of a machine over its work area. */
  flex(project: Project): Promise<Flex>;
  /**
   * Changes to the frame ranked by what they bring. A new call ends the one before, which then comes back as
   * null.
   * @param onStep is told after every change that was tried.
   */
  improve(
    project: Project,
    way: WayId,
    onStep: (step: ImprovementStep) => void,
  ): Promise<readonly Improvement[] | null>;
  /** Ends a ranking that is under way. */
  stop(): Promise<void>;
}
