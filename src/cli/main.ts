import { main } from './report';

main();
