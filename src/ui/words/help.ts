import type { HelpTopic } from '@/core/ask/answer';

/** What to do, hot and cold, with a part that did not go where it should. Common practice, no source. */
export const HELP_WORDS: Record<HelpTopic, { title: string; lines: { when: string; then: string }[] }> = {
  stuck: {
    title: 'It went in half and stopped',
    lines: [
      {
        when: 'Hot',
        then: 'no hammer on hot and cocked. Back to the heat until the bore lets go, part out, wiped, cold again; then once more, straight.',
      },
      {
        when: 'Cold',
        then: 'stop. Back it out, look at the bore, start again square, and draw it in with rod and plates rather than hammer.',
      },
      {
        when: 'Either way',
        then: 'measure part and bore before the next try: heavy force means wrong part or wrong race.',
      },
    ],
  },
  cocked: {
    title: 'It stands cocked',
    lines: [
      {
        when: 'Just started',
        then: 'read round it at four places, tap where it stands highest, read again. Light taps only.',
      },
      {
        when: 'Fast',
        then: 'back it out: forcing it ruins part and bore. Look at the bore, start again, draw it in.',
      },
    ],
  },
};
