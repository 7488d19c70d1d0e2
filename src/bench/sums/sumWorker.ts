import { expose } from 'comlink';
import { answerSum } from './answerSum';

// Turbopack takes a worker's entry as it is: everything else is in the module beside it.
expose({ answerSum });
