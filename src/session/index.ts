export { type EditOptions, type OpenState, Session, type SaveState, type SessionState } from './session';
export { SessionPool } from './pool';
export {
  freshId,
  SessionProvider,
  StorageProvider,
  useSession,
  useSessionState,
  useStorage,
  useUnsaved,
} from './react';
