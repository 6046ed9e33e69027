import { expose } from 'comlink';
import { jobService } from './service';

expose(jobService());
