import { expose } from 'comlink';
import { boardWork } from './boardWork';

// Turbopack takes a worker's entry as it is: everything else is in the module beside it.
expose(boardWork);
