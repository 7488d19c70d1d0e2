import { expose } from 'comlink';
import { laneWork } from './laneWork';

// Turbopack takes a worker's entry as it is: everything else is in the module beside it.
expose(laneWork);
