import { main } from './job';

main();
