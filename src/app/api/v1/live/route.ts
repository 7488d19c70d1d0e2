import { knownClock, shopClock } from '@/server/clock';
import { live } from '@/server/live/listener';
import type { BoardNews } from '@/server/live/boards';
import type { LiveMessage } from '@/server/live/notify';
import { onPartNews, partNews } from '@/server/live/parts';

export const dynamic = 'force-dynamic';

const BEAT_MS = 10_000;

const encoder = new TextEncoder();
const encode = (event: string, data: unknown) =>
  encoder.encode(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);

/** A message goes to every screen: it is written out once. */
const written = new WeakMap<object, Uint8Array>();
function encodeOnce(message: LiveMessage | BoardNews): Uint8Array {
  const known = written.get(message) ?? encode(message.kind, message);
  written.set(message, known);
  return known;
}

/**
 * Server-sent events: `hello` with the server's time and the shop's clock (screens set theirs by them) and that of the last change,
 * `database` up or down and why, `parts` with what happened to the shop's other parts, and every live message. A screen filters by job
 * itself; the messages are small.
 */
export const GET = async (request: Request) => {
  const listener = live();
  await shopClock();
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const send = (event: string, data: unknown) => controller.enqueue(encode(event, data));
      const onMessage = (message: LiveMessage | BoardNews) => controller.enqueue(encodeOnce(message));
      const onUp = () => send('database', { isUp: true });
      const onDown = () => send('database', { isUp: false, cause: listener.cause });
      const sendParts = () => send('parts', { parts: partNews() });
      const { isUp, cause, changedMs } = listener;
      const times = () => ({ serverMs: Date.now(), clock: knownClock() });
      send('hello', { ...times(), changedMs, isDatabaseUp: isUp, ...(!isUp && { cause }) });
      sendParts();
      const stopParts = onPartNews(sendParts);
      listener.on('message', onMessage).on('up', onUp).on('down', onDown);
      const beat = setInterval(() => send('beat', times()), BEAT_MS);
      request.signal.addEventListener('abort', () => {
        clearInterval(beat);
        stopParts();
        listener.off('message', onMessage).off('up', onUp).off('down', onDown);
        try {
          controller.close();
        } catch {
          /* the stream is gone with the screen */
        }
      });
    },
  });
  return new Response(stream, {
    headers: {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache, no-transform',
      'X-Accel-Buffering': 'no',
    },
  });
};
