import { makeEvent } from '@/core/record/makeEvent';
import type { EventBody, EventKind, JobEvent, Reading } from '@/core/record/entries';
import type { Casting, Photograph, Seat } from '@/core/record/job';
import { idOf } from './shop';

/** Single entries of a job, written as a diary: minutes before now, who, what. */
export class DiaryEntries {
  readings: Reading[] = [];
  photographs: (Photograph & { jpegBase64: string })[] = [];
  events: JobEvent[] = [];
  protected count = 0;

  constructor(
    protected readonly job: string,
    protected readonly nowMs: number,
  ) {}

  private time(minutesAgo: number) {
    this.count += 1;
    return new Date(this.nowMs - minutesAgo * 60_000 + this.count * 40).toISOString();
  }

  read(
    minutesAgo: number,
    who: string,
    seat: Seat | null,
    instrument: string,
    values: Record<string, number>,
    metalC = 20,
  ) {
    for (const [slot, value] of Object.entries(values)) {
      const takenAt = this.time(minutesAgo);
      this.readings.push({
        id: idOf(`${this.job} reading ${this.count}`),
        seatId: seat?.id ?? null,
        castingId: null,
        personId: idOf(`person ${who}`),
        slot,
        typed: String(value),
        value,
        instrumentId: idOf(instrument),
        metalC,
        takenAt,
      });
    }
    return this;
  }

  /** What the probe said on a casting, °C. */
  probe(minutesAgo: number, who: string, casting: Casting, celsius: number) {
    const typed = celsius.toFixed(1);
    const takenAt = this.time(minutesAgo);
    this.readings.push({
      id: idOf(`${this.job} reading ${this.count}`),
      seatId: null,
      castingId: casting.id,
      personId: idOf(`person ${who}`),
      slot: 'temperature.casting',
      typed,
      value: Number(typed),
      instrumentId: idOf('probe'),
      metalC: Number(typed),
      takenAt,
    });
    return this;
  }

  happen<K extends EventKind>(
    minutesAgo: number,
    who: string,
    where: Seat | Casting | null,
    kind: K,
    body: EventBody<K>,
  ) {
    const at = this.time(minutesAgo);
    const isSeat = where !== null && 'spec' in where;
    this.events.push(
      makeEvent({
        id: idOf(`${this.job} event ${this.count}`),
        seatId: isSeat ? where.id : null,
        castingId: isSeat ? null : (where?.id ?? null),
        personId: idOf(`person ${who}`),
        kind,
        body,
        at,
      }),
    );
    return this;
  }

  /** Said of the whole job. */
  note<K extends EventKind>(minutesAgo: number, who: string, kind: K, body: EventBody<K>) {
    return this.happen(minutesAgo, who, null, kind, body);
  }

  /** A shim stack, bottom first: thickness and notches of each piece. */
  stack(
    minutesAgo: number,
    who: string,
    stackKey: string,
    pieces: readonly (readonly [
      what: EventBody<'stack_piece_noted'>['what'],
      thicknessMm: number,
      notches: number,
    ])[],
  ) {
    pieces.forEach(([what, thicknessMm, notches], i) =>
      this.note(minutesAgo, who, 'stack_piece_noted', {
        stackKey,
        pieceId: idOf(`${this.job} ${stackKey} ${i}`),
        position: i + 1,
        what,
        thicknessMm,
        notches,
        side: what === 'spacer' ? 'chamfer_out' : 'either',
        mark: '',
        place: '',
      }),
    );
    return this;
  }

  photograph(minutesAgo: number, who: string, seat: Seat | null, caption: string) {
    const takenAt = this.time(minutesAgo);
    this.photographs.push({
      id: idOf(`${this.job} photograph ${this.count}`),
      seatId: seat?.id ?? null,
      about: null,
      personId: idOf(`person ${who}`),
      caption,
      widthPx: 1,
      heightPx: 1,
      bytes: 1,
      takenAt,
      jpegBase64: '',
    });
    return this;
  }
}
