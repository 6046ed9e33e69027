import type { Project } from '../document';

type Shown = Pick<Project, 'files' | 'steps' | 'log'>;

/** How many steps and entries show a photo. */
export const photoUses = ({ steps, log }: Pick<Shown, 'steps' | 'log'>, hash: string): number =>
  [...steps, ...log].filter((s) => s.photos.includes(hash)).length;

/** Files once one of the places that show a photo shows it no more: it goes with the last of them. */
export const filesWithout = (project: Shown, hash: string): Project['files'] =>
  photoUses(project, hash) > 1 ? project.files : project.files.filter((f) => f.hash !== hash);
