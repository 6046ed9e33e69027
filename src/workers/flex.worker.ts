import { expose } from 'comlink';
import { flexService } from './flex-service';

expose(flexService());
