import { expect, it } from 'vitest';
import { EditQueue } from './editQueue';

it('an edit whose answer is cut off holds up none of those behind it', async () => {
  const queue = new EditQueue();
  const done: string[] = [];
  const first = queue.add(async () => {
    throw new SyntaxError('Unexpected end of JSON input');
  });
  const second = queue.add(async () => done.push('second'));
  const third = queue.add(async () => done.push('third'));
  await expect(first).rejects.toThrow(SyntaxError);
  await Promise.all([second, third]);
  expect(done).toEqual(['second', 'third']);
});

it('each waits for the one before', async () => {
  const queue = new EditQueue();
  const steps: string[] = [];
  const slow = queue.add(async () => {
    steps.push('first begins');
    await new Promise((resolve) => setTimeout(resolve, 5));
    steps.push('first ends');
  });
  const quick = queue.add(async () => steps.push('second'));
  await Promise.all([slow, quick]);
  expect(steps).toEqual(['first begins', 'first ends', 'second']);
});
