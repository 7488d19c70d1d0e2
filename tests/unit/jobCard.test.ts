import { describe, expect, it } from 'vitest';
import { renderCard } from '@/card/renderCard';
import { onPaper } from '@/card/paper';
import { floatRows, seatRow, workDone } from '@/card/cardWords';
import { project } from '@/core/project/project';
import { demo, NOW, viewJob } from '../support/records';

/** The text of a page lies compressed in the file: what the card says is asked of its words, what it is of the file. */
const pagesOf = (pdf: Uint8Array) => {
  const file = new TextDecoder('latin1').decode(pdf);
  return { file, pages: file.match(/\/Type \/Page\b/g)?.length ?? 0 };
};

describe('the card of a job', () => {
  const record = demo('Moorland 350');
  const job = viewJob(record, NOW);
  it('is a PDF with its owner’s page and the workshop’s, in a face that it carries', async () => {
    const pdf = await renderCard({
      record: project(record),
      job,
      shopName: 'Trial shop',
      units: 'metric',
      printedMs: NOW,
    });
    const { file, pages } = pagesOf(pdf);
    expect(file.startsWith('%PDF-')).toBe(true);
    expect(pages).toBeGreaterThanOrEqual(2);
    expect(file).toMatch(/\/FontFile/);
    expect(file).toContain('Job 409, Moorland 350');
  });
  it('a fresh job prints too: what is open stands there as open', async () => {
    const fresh = demo('Ostrel 250, frame');
    const pdf = await renderCard({
      record: project(fresh),
      job: viewJob(fresh, NOW),
      shopName: '',
      units: 'imperial',
      printedMs: NOW,
    });
    expect(pagesOf(pdf).pages).toBeGreaterThanOrEqual(2);
  });
  it('each figure has its doubt, in the units of whoever prints it', () => {
    const bearing = job.seats.find(({ seat }) => seat.name === 'Main-shaft ball bearing')!;
    expect(seatRow(bearing, 'metric').cells[2]).toMatch(/\d\smm\s±\s0\.\d+\s(tight|clear)/);
    expect(seatRow(bearing, 'imperial').cells[2]).toMatch(/thou/);
    expect(floatRows(job, 'metric').map(({ cells }) => cells[1])).toEqual(
      job.plan.floats.map(() => expect.stringMatching(/^Inside/)),
    );
    expect(workDone(job).length).toBe(new Set(workDone(job)).size);
  });
  it('what the face has not is said otherwise', () =>
    expect(onPaper('⌀ 62 ≤ 0.02, 1\u202f000')).toBe('Ø 62 at most 0.02, 1\u00a0000'));
});
