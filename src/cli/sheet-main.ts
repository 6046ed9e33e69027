import { main } from './sheet';

void main();
