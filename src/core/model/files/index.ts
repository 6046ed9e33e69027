export {
  contentsSchema,
  type FileEntry,
  filesShape,
  MOST_FILE_BYTES,
  MOST_FILES,
  PROGRAM_TYPE,
} from './schema';
export { filesWithout, photoUses } from './photos';
export { filesSteps } from './migrations';
