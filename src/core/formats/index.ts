export { MAX_FILE_BYTES, projectFileName, readProjectFile, readProjectValue, writeProjectFile } from './project-file';
