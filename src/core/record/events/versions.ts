/** Turns a body of one version into one of the next. */
type Lift = (body: Record<string, unknown>) => Record<string, unknown>;

/** It did not say which oven or freezer. */
const withoutPlace: Lift = (body) => ({ ...body, place: null });

/**
 * Kinds of event whose body has changed its shape, with what lifts each older shape to the next. An event of such a kind carries the
 * version of its body, wherever it is stored, sent or kept; one that carries none is of version 1, as is every event of the other kinds.
 * To change a shape: change the body in its area's file, and add here what lifts the one before.
 */
const LIFTS = {
  part_into_freezer: [withoutPlace],
  casting_into_heat: [withoutPlace],
} as const satisfies Record<string, readonly Lift[]>;
export type LiftedKind = keyof typeof LIFTS;

const liftsOf = (kind: unknown): readonly Lift[] =>
  typeof kind === 'string' && Object.hasOwn(LIFTS, kind) ? LIFTS[kind as LiftedKind] : [];

/** Version of the bodies that are made now. */
export const versionOf = (kind: string): number => liftsOf(kind).length + 1;

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * An event as it was stored, sent or kept, with its body in the shape of today. What is of no known kind or version is given back as it
 * is, for its schema to refuse.
 */
export function liftEvent(raw: unknown): unknown {
  if (!isObject(raw)) return raw;
  const { version, ...event } = raw;
  const lifts = liftsOf(raw.kind);
  const from = version ?? 1;
  if (from === 1 && lifts.length === 0) return event;
  if (!Number.isInteger(from) || Number(from) < 1 || Number(from) > lifts.length + 1) return raw;
  if (!isObject(raw.body)) return raw;
  const body = lifts.slice(Number(from) - 1).reduce((each, lift) => lift(each), raw.body);
  return { ...event, version: lifts.length + 1, body };
}
