export { contentsSchema, type FileEntry, filesShape, MOST_FILE_BYTES } from './schema';
export { filesWithout, photoUses } from './photos';
export { filesSteps } from './migrations';
