'use client';
import { remake } from '@/core/record/edits';
import type { Issue } from '@/core/quantity/result';
import {
  isChange,
  isEdit,
  isEntry,
  isPhotograph,
  isShopEdit,
  mergeChanges,
  thingOfChange,
  type Kept,
  type KeptChange,
  type KeptShopEdit,
} from './kept';
import { KeptDisk } from './keptDisk';
import { LANES, readyIn, type Lane } from './lanes';
import { liveStream, type AwayCause } from './liveStream';
import { NO_CHANGES, type ShopChange } from './shopChanges';
import { whenHandled } from './whenHandled';
import type { Outcome, Refusal } from './senders';

/** `version`: of the job that has what was just stored. */
type Listener = (kept: readonly Kept[], justStored: readonly Kept[], version: number) => void;
type Check = (type: 'reading' | 'event', entry: unknown, nowMs: number) => Issue[];

/** What became of something when it was first sent. */
export type Heard = { is: 'stored' | 'waits' } | { is: 'refused'; refusal: Refusal };

const RETRY_MS = 2000;
const BATCH = 200;

/** The schemas are not needed to draw a screen: they come after it. Without them (the network is away) the server checks alone. */
const loadCheck = (): Promise<Check | null> =>
  import('@/core/record/readEntries').then(
    ({ checkEntry }) => checkEntry,
    () => null,
  );

/** Without it (the network is away) what is kept is taken as it stands. */
const loadLift = () => import('./liftKept').catch(() => null);

/** The one queue of this browser: kept first, then sent, until each is stored or refused with its reasons. */
export class Outbox {
  private kept = new Map<string, Kept>();
  private disk = new KeptDisk();
  private listeners = new Set<Listener>();
  /** Kept, but not yet looked at. */
  private unchecked = new Set<string>();
  private inFlight = new Set<string>();
  private sending = new Set<Lane>();
  private timer: ReturnType<typeof setTimeout> | null = null;
  private check: Promise<Check | null> | null = null;
  private hearers = new Map<string, (heard: Heard) => void>();
  private settled: ShopChange[] = [];
  /** Edits of the shop that this page knows of and its data may not; the same list until one comes or goes. */
  shopChanges: readonly ShopChange[] = NO_CHANGES;
  /** Why the server took nothing when it was last asked; null when it did. */
  awayCause: AwayCause | null = null;

  /** Takes up what an earlier visit left behind, and starts sending. */
  async start() {
    void whenHandled().then(() => (this.check ??= loadCheck()));
    const database = await this.disk.open();
    const photographs = ((await database?.getAll('photographs')) ?? []) as object[];
    const before = ((await database?.getAll('kept')) ?? []) as Kept[];
    // Rarely is there something: what reads the shapes of earlier releases comes only then.
    const lift = photographs.length + before.length > 0 ? await loadLift() : null;
    for (const photograph of photographs.map((each) => lift?.liftedPhotograph(each))) {
      if (!photograph) continue;
      await this.put(photograph);
      await database?.delete('photographs', photograph.id).catch(() => undefined);
    }
    for (const each of before)
      if (!this.kept.has(each.id)) this.kept.set(each.id, lift ? await lift.lifted(each) : each);
    this.tell();
    void this.send();
  }

  get isDurable() {
    return this.disk.isDurable;
  }

  get wouldLose() {
    return this.disk.wouldLose;
  }

  subscribe(listener: Listener) {
    this.listeners.add(listener);
    listener([...this.kept.values()], [], 0);
    return () => {
      this.listeners.delete(listener);
    };
  }

  private tell(justStored: readonly Kept[] = [], version = 0) {
    const kept = [...this.kept.values()];
    const waiting = kept.filter(isShopEdit).filter(({ refused }) => refused === null);
    const changes = [...this.settled, ...waiting.map(({ edit }) => ({ edit, storedMs: null }))];
    if (changes.length > 0 || this.shopChanges.length > 0) this.shopChanges = changes;
    for (const listener of this.listeners) listener(kept, justStored, version);
  }

  private put(kept: Kept) {
    this.kept.set(kept.id, kept);
    return this.disk.write(kept);
  }

  private letGo(id: string) {
    this.kept.delete(id);
    return this.disk.remove(id);
  }

  /** Kept first, then checked and sent: a tab that dies in between loses nothing. */
  async keep(kept: Kept) {
    if (isChange(kept)) {
      await this.keepChange(kept);
      return;
    }
    if (isEntry(kept)) this.unchecked.add(kept.id);
    const written = this.put(kept);
    this.tell();
    await written;
    if (isEntry(kept)) {
      const check = await (this.check ??= loadCheck());
      const issues = check?.(kept.type, kept.entry, liveStream.now()) ?? [];
      this.unchecked.delete(kept.id);
      if (issues.length > 0) {
        await this.put({ ...kept, refused: issues });
        this.tell();
        return;
      }
    }
    void this.send();
  }

  /** The same, for a person who waits to see what becomes of a change. */
  async keepAndHear(kept: KeptChange): Promise<Heard & { id: string }> {
    const { id } = this.changeOf(kept) ?? kept;
    this.hearers.get(id)?.({ is: 'waits' });
    const heard = new Promise<Heard>((hear) => this.hearers.set(id, hear));
    await this.keepChange(kept);
    return { ...(await heard), id };
  }

  /** A change of what another that waits (or was refused) changes becomes one with it: there is one answer to both. */
  private async keepChange(kept: KeptChange) {
    const waiting = this.changeOf(kept);
    const one = waiting ? mergeChanges(waiting, kept) : kept;
    const written = this.put(one);
    this.tell();
    await written;
    void this.send();
  }

  private changeOf = (kept: KeptChange): KeptChange | undefined =>
    [...this.kept.values()].find(
      (each): each is KeptChange =>
        isChange(each) &&
        each.id !== kept.id &&
        !this.inFlight.has(each.id) &&
        thingOfChange(each) === thingOfChange(kept),
    );

  /** A person has read why something was refused, and leaves it out. */
  async leaveOut(id: string) {
    const gone = this.letGo(id);
    this.tell();
    await gone;
  }

  /** A person has seen what somebody else changed, and puts their own over it. */
  async insist(id: string) {
    const kept = this.kept.get(id);
    if (!kept || !isEdit(kept) || !kept.standing) return;
    const { standing, ...edit } = kept;
    await this.put({ ...edit, refused: null, edit: remake(kept.edit, standing.version) });
    this.tell();
    void this.send();
  }

  private later() {
    this.timer ??= setTimeout(() => {
      this.timer = null;
      this.disk.again();
      void this.send();
    }, RETRY_MS);
  }

  /** Sends what is kept. Several tabs may send the same: the server stores it once. */
  async send() {
    await Promise.all(LANES.map((lane) => this.sendLane(lane)));
  }

  private ready = (lane: Lane): Kept[] =>
    readyIn(lane, [...this.kept.values()]).filter(({ id }) => !this.unchecked.has(id));

  private async sendLane(lane: Lane) {
    if (this.sending.has(lane)) return;
    this.sending.add(lane);
    try {
      for (let [next, ...others] = this.ready(lane); next; [next, ...others] = this.ready(lane)) {
        const { jobId } = next;
        const batch = isEntry(next)
          ? [next, ...others.filter((each) => each.jobId === jobId)].slice(0, BATCH)
          : [next];
        if (!(await this.sendBatch(batch))) {
          // What stands behind it waits with it.
          for (const { id } of this.ready(lane)) this.answerHearer(id, { is: 'waits' });
          this.later();
          return;
        }
        // A seat or a person is stored: their entries may go.
        if (lane === 'edits' || lane === 'shop') void this.sendLane('entries');
        if (lane === 'shop') void this.sendLane('photographs');
      }
    } finally {
      this.sending.delete(lane);
    }
  }

  /** How each is sent is not needed to draw a screen: it comes after it. */
  private async ask(batch: readonly Kept[]): Promise<Outcome> {
    const senders = await import('./senders').catch(() => null);
    const [first] = batch;
    if (!senders || !first) return { is: 'away', cause: null };
    if (isPhotograph(first)) return senders.sendPhotograph(first);
    if (isShopEdit(first)) return senders.sendShopEdit(first);
    return isEdit(first) ? senders.sendEdit(first) : senders.sendEntries(batch.filter(isEntry));
  }

  /** @returns false when it must be tried again later */
  private async sendBatch(batch: readonly Kept[]): Promise<boolean> {
    for (const { id } of batch) this.inFlight.add(id);
    const outcome = await this.ask(batch);
    for (const { id } of batch) this.inFlight.delete(id);
    this.awayCause = outcome.is === 'away' ? outcome.cause : null;
    if (outcome.is === 'away') {
      this.tell();
      return false;
    }
    const stored = batch.filter(({ id }) => outcome.stored.includes(id));
    // Told in the same breath as it goes: no screen is drawn without it in between.
    const gone = stored.map(({ id }) => this.letGo(id));
    const refused = outcome.refused.flatMap((refusal) => this.refuse(refusal));
    this.settle(stored.filter(isShopEdit));
    this.tell(stored, outcome.version);
    for (const { id } of stored) this.answerHearer(id, { is: 'stored' });
    for (const refusal of outcome.refused) this.answerHearer(refusal.id, { is: 'refused', refusal });
    await Promise.all([...gone, ...refused]);
    // One that the answer does not speak of is asked for again, but not at once.
    return stored.length + outcome.refused.length >= batch.length;
  }

  private answerHearer(id: string, heard: Heard) {
    this.hearers.get(id)?.(heard);
    this.hearers.delete(id);
  }

  /** Data that this page was drawn from may be older than what was just stored. */
  private settle(stored: readonly KeptShopEdit[]) {
    this.settled.push(...stored.map(({ edit }) => ({ edit, storedMs: liveStream.now() })));
  }

  /** @returns what is being written down of it */
  private refuse({ id, issues, standing }: Refusal): Promise<void>[] {
    const kept = this.kept.get(id);
    if (!kept) return [];
    const refused = { ...kept, refused: issues, ...(standing && { standing }) } as Kept;
    // What was changed on top of it meanwhile shares its fate.
    const above = isChange(refused) ? this.changeOf(refused) : undefined;
    return above && isChange(refused)
      ? [this.letGo(above.id), this.put(mergeChanges(refused, above))]
      : [this.put(refused)];
  }
}

export const outbox = new Outbox();
