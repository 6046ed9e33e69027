export { flexClient } from './client';
export { flexService } from './flex-service';
export type { FlexApi } from './protocol';
