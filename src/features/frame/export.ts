import { projectFileName, writeProjectFile } from '@/core/formats';
import type { Project } from '@/core/model';
import { downloadText } from './download';

/** Hands the machine to the user as a file. */
export const exportMachine = (project: Project): void =>
  downloadText(projectFileName(project), writeProjectFile(project));
