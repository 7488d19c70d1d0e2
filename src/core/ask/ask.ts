import { LONGEST_ASKED, type AskAnswer, type AskContext } from './answer';
import { askHelp, askJob, askMachine, askMaterial, askWords } from './meaning';
import { askConversion, askLimits, askThread } from './numbers';
import { askDesignation, askRing, askSeal, askSizes, askUnknownPart } from './parts';
import { splitWords } from './words';

/**
 * The ask line: a few characters, and the answer in place. It reads a designation with a metal (`6306 al`), three sizes
 * (`25 62 17`), a seal, a retaining ring, a thread and a torque (`m10 rod 20nm`), a class of limits (`62 N7`), an amount in another
 * unit, a bag code, a machine, a job kind, or the words of a sum. What is most surely meant comes first: a number that is a bearing’s
 * is a bearing, before it is a job’s.
 * @returns null while there is too little to mean anything
 */
export function ask(typed: string, context: AskContext): AskAnswer | null {
  const words = splitWords(typed.slice(0, LONGEST_ASKED));
  if (typed.trim().length < 2) return null;
  const { units } = context;
  return (
    askDesignation(words) ??
    askJob(words, context) ??
    askHelp(words) ??
    askThread(words, units) ??
    askLimits(words) ??
    askConversion(words) ??
    askSeal(words, units) ??
    askRing(words) ??
    askSizes(words, units) ??
    askMaterial(words) ??
    askWords(words, context) ??
    askMachine(words, context) ??
    askUnknownPart(words) ?? { answer: 'what_can_be_asked' }
  );
}
