export { Session, type SaveState, type SessionState } from './session';
export { freshId, SessionProvider, StorageProvider, useSession, useSessionState, useStorage } from './react';
