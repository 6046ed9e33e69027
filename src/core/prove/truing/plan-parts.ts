import type { Axis, Project, Role } from '@/core/model';

/** What the sheets of a machine are written from. */
export interface Parts {
  readonly project: Project;
  readonly of: (role: Role) => Axis | undefined;
  /** The axis along the bed: the one that runs on the long rails. */
  readonly long: Axis | undefined;
  readonly cross: Axis | undefined;
  readonly plunge: Axis | undefined;
  /** What the tool reaches, m. */
  readonly area: { readonly length: number; readonly width: number };
}
