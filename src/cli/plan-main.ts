import { main } from './plan';

main();
