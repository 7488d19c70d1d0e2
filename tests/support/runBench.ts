import { rescueActions } from '@/bench/heatRun/rescueActions';
import type { Actions } from '@/bench/heatRun/runAct';
import { actionsFor, findDueCaution } from '@/bench/heatRun/runActions';
import { viewHeatRun } from '@/core/job/heatRun';
import { missingInHeat } from '@/core/job/withinReach';
import type { EventBody, JobEvent } from '@/core/record/entries';
import type { JobRecord } from '@/core/record/job';
import { idOf } from '../../database/demo/demo';
import { demo, event, NOW, seatOf, viewSeat, withEvents } from './records';

export const OVEN = { toolId: idOf('tool oven'), name: 'Oven' };
export const FREEZER = { toolId: idOf('tool freezer'), name: 'Chest freezer' };

/** The buttons of the heat run, pressed one after another on a real seat, as a person does. */
export class RunBench {
  record: JobRecord;
  atS = 0;
  isEyeEnough = false;
  isNextHere = true;
  /** A careful person: all is at hand long before the casting is hot. */
  laysOut = true;
  /** A probe lies here, and is on nothing yet. */
  hasProbe = false;
  readonly wentTo: string[] = [];
  private readonly seat;
  private readonly castingId;

  constructor(machine = 'Harrow 1200', name = 'Left main') {
    this.record = demo(machine);
    this.seat = seatOf(this.record, name);
    this.castingId = this.record.castings.find(({ seats }) => seats.includes(this.seat))!.id;
    // Nothing of an earlier heat is in the way.
    this.record = { ...this.record, entries: { readings: this.record.entries.readings, events: [] } };
  }

  get view() {
    return viewSeat(this.record, this.seat.id, NOW + this.atS * 1000)!;
  }

  add(...events: JobEvent[]) {
    this.record = withEvents(this.record, ...events);
  }

  choose(way: EventBody<'way_in_chosen'>['way'], more: Partial<EventBody<'way_in_chosen'>> = {}) {
    const body = { way, housingC: 95, ringC: -18, formulaVersion: 't', ...more };
    this.add(event('usual_fit_accepted', {}, { seatId: this.seat.id }, this.atS));
    this.add(event('way_in_chosen', body, { seatId: this.seat.id }, this.atS));
  }

  get caution() {
    const read = this.record.entries.events.flatMap((each) =>
      each.kind === 'caution_acknowledged' ? [each.body.caution] : [],
    );
    return findDueCaution(this.view, read);
  }

  actions(probe: { atS: number; celsius: number }[] = [], ovenC = 110): Actions {
    const { view } = this;
    const nowMs = NOW + this.atS * 1000;
    const readings = probe.map(({ atS, celsius }) => ({ atMs: NOW + atS * 1000, celsius }));
    return actionsFor({
      view,
      run: viewHeatRun({ view, probe: readings, roomC: 20, nowMs, isLaidOut: this.missing.length === 0 }),
      parts: [view],
      missing: this.missing,
      ovenC,
      oven: OVEN,
      freezer: FREEZER,
      units: 'metric',
      caution: this.caution,
      addEvent: (kind, body, where) => {
        const happened = event(kind, body, where, this.atS);
        this.add(happened);
        return happened.id;
      },
      takeDrafts: (drafts) =>
        this.add(...drafts.map(({ kind, body, seatId }) => event(kind, body, { seatId: seatId! }, this.atS))),
      rescue: rescueActions,
      putProbeOn: this.hasProbe ? () => this.wentTo.push('probe') : null,
      isEyeEnough: this.isEyeEnough,
      isNextHere: this.isNextHere,
      goTo: (step) => this.wentTo.push(step),
      askDepth: () => this.wentTo.push('depth'),
    });
  }

  get missing() {
    return missingInHeat([this.view], [this.view]);
  }

  private layOut() {
    if (this.view.heat.phase !== 'in_heat') return;
    for (const { item } of this.missing)
      this.add(event('laid_out', { item }, { seatId: this.seat.id }, this.atS));
  }

  /** Presses the big button after some seconds; gives what stood on it. */
  press(afterS = 0): string {
    this.atS += afterS;
    if (this.laysOut) this.layOut();
    const [main] = this.actions();
    main!.does();
    return main!.words;
  }
}
