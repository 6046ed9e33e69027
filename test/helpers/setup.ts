import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { SEED } from './chance';

// One seed for all that draws by chance.
fc.configureGlobal({ seed: SEED });
