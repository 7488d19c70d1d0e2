import 'server-only';
import { shopNow } from '../clock';
import type { JobId } from '@/core/record/ids';
import type { BenchJob } from '@/core/board/benchLine';
import type { HeatItem } from '@/core/board/heatItems';
import { loadBench } from '../jobs/loadBench';
import { loadHeat } from '../jobs/loadHeat';
import { log } from '../pool';

/** What all screens show of all jobs, as far as it changed. */
export type BoardNews =
  { kind: 'bench'; jobs: BenchJob[]; gone: string[] } | { kind: 'heat'; items: HeatItem[] };

/** Several entries stored in one go cost one look. */
const GATHER_MS = 250;

/** Looks once for all screens of this server at what changed on the bench and in the heat, and tells only what is another thing now. */
export class Boards {
  private changed = new Set<JobId>();
  private timer: ReturnType<typeof setTimeout> | null = null;
  /** What was last told, as text: a reading seldom changes what the bench says of its job. */
  private lines = new Map<string, string>();
  private heat = '';

  constructor(private tell: (news: BoardNews) => void) {}

  note(jobId: JobId) {
    this.changed.add(jobId);
    this.timer ??= setTimeout(() => {
      this.timer = null;
      this.look().catch((error: unknown) => log.debug({ error }, 'the boards could not be read'));
    }, GATHER_MS);
  }

  private async look() {
    const ids = [...this.changed];
    this.changed.clear();
    const { jobs } = await loadBench(await shopNow(), ids);
    const gone = ids.filter((id) => !jobs.some(({ jobId }) => jobId === id));
    const news = jobs.filter((job) => {
      const line = JSON.stringify(job);
      if (this.lines.get(job.jobId) === line) return false;
      this.lines.set(job.jobId, line);
      return true;
    });
    gone.forEach((id) => this.lines.delete(id));
    if (news.length + gone.length > 0) this.tell({ kind: 'bench', jobs: news, gone });
    const items = await loadHeat(await shopNow());
    const heat = JSON.stringify(items);
    if (heat !== this.heat) this.tell({ kind: 'heat', items });
    this.heat = heat;
  }
}
