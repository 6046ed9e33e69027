export { contentsSchema, type FileEntry, filesShape, MOST_FILE_BYTES } from './schema';
export { filesSteps } from './migrations';
