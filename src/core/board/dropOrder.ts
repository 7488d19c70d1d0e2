import { fail, succeed, type Issue, type Result } from '@/core/quantity/result';

/**
 * Several seats in one hot casting: in which order do they go in, and does one heat do?
 *
 * The casting cools by Newton's law towards the room, and each bearing takes its share of the heat with it. A seat's slack is the
 * time between its turn and the moment when the casting is too cool for it. The best order needs the fewest heats, then has the
 * largest least slack. Precedence is kept (inner before outer, seal behind before its bearing); turning the casting over costs time.
 *
 * Up to nine seats every order that keeps the precedence is weighed, with branches cut that cannot beat the best (proven best);
 * above nine the earliest-deadline order is improved by exchanges until none helps (good, not proven).
 * Source: the cooling is a lump as in Incropera & DeWitt ch. 5; single-machine scheduling with deadlines, from memory.
 * Checked against: brute force over all orders in the tests.
 */
export type DropSeat = {
  id: string;
  /** Least casting temperature at which its bearing still drops, °C. */
  neededC: number;
  /** From its turn until it is home and the hands are free, s. */
  handlingS: number;
  /** How far its cold bearing pulls the whole casting down, K. */
  coolsByK: number;
  /** Which face is up for it. Changing faces costs `turnOverS`. */
  face: 'inside' | 'outside';
  /** Ids that must be in before this one. */
  after: readonly string[];
};

export type DropPlan = {
  startC: number;
  /** What it is heated to again, °C; left out: as hot as at the start. */
  reheatC?: number;
  roomC: number;
  timeConstantS: number;
  turnOverS: number;
  reheatS: number;
};

export type PlannedDrop = { id: string; heat: number; atS: number; castingC: number; slackS: number };
export type DropOrder = { drops: PlannedDrop[]; heats: number; leastSlackS: number; isProvenBest: boolean };

export const PROVEN_UP_TO = 9;

type State = {
  seconds: number;
  celsius: number;
  heat: number;
  face: DropSeat['face'] | null;
  leastSlackS: number;
};

const cool = (celsius: number, seconds: number, { roomC, timeConstantS }: DropPlan) =>
  roomC + (celsius - roomC) * Math.exp(-seconds / timeConstantS);

/** Seconds until the casting has come down to what the seat needs; negative: it is already cooler. */
function slackOf(celsius: number, neededC: number, { roomC, timeConstantS }: DropPlan): number {
  if (neededC <= roomC) return Infinity;
  if (celsius <= roomC) return -Infinity;
  return timeConstantS * Math.log((celsius - roomC) / (neededC - roomC));
}

const startState = (plan: DropPlan): State => ({
  seconds: 0,
  celsius: plan.startC,
  heat: 1,
  face: null,
  leastSlackS: Infinity,
});

/** Takes one seat in; heats again first when it would be too late. */
function take(state: State, seat: DropSeat, plan: DropPlan): { state: State; drop: PlannedDrop } {
  const turnS = state.face !== null && state.face !== seat.face ? plan.turnOverS : 0;
  let { seconds, heat } = state;
  seconds += turnS;
  let celsius = cool(state.celsius, turnS, plan);
  let slackS = slackOf(celsius, seat.neededC, plan);
  if (slackS < 0) {
    heat += 1;
    seconds += plan.reheatS;
    celsius = plan.reheatC ?? plan.startC;
    slackS = slackOf(celsius, seat.neededC, plan);
  }
  const drop = { id: seat.id, heat, atS: seconds, castingC: celsius, slackS };
  const after = cool(celsius - seat.coolsByK, seat.handlingS, plan);
  return {
    drop,
    state: {
      seconds: seconds + seat.handlingS,
      celsius: after,
      heat,
      face: seat.face,
      leastSlackS: Math.min(state.leastSlackS, slackS),
    },
  };
}

const isBetter = (a: { heats: number; leastSlackS: number }, b: { heats: number; leastSlackS: number }) =>
  a.heats < b.heats || (a.heats === b.heats && a.leastSlackS > b.leastSlackS + 1e-9);

/** The plan of one given order. */
export function runOrder(order: readonly DropSeat[], plan: DropPlan): Omit<DropOrder, 'isProvenBest'> {
  let state = startState(plan);
  const drops = order.map((seat) => {
    const taken = take(state, seat, plan);
    state = taken.state;
    return taken.drop;
  });
  return { drops, heats: state.heat, leastSlackS: state.leastSlackS };
}

function searchBest(seats: readonly DropSeat[], plan: DropPlan): DropOrder {
  let best: Omit<DropOrder, 'isProvenBest'> | null = null;
  const walk = (state: State, drops: PlannedDrop[], left: readonly DropSeat[]) => {
    const reached = { heats: state.heat, leastSlackS: state.leastSlackS };
    // Neither figure can get better from here on.
    if (best && !isBetter(reached, best)) return;
    if (left.length === 0) {
      best = { drops, ...reached };
      return;
    }
    const isOpen = (seat: DropSeat) => !left.some(({ id }) => seat.after.includes(id));
    for (const seat of left.filter(isOpen)) {
      const taken = take(state, seat, plan);
      walk(
        taken.state,
        [...drops, taken.drop],
        left.filter((each) => each !== seat),
      );
    }
  };
  // The most demanding first finds a good plan early, so that more is cut.
  walk(
    startState(plan),
    [],
    [...seats].sort((a, b) => b.neededC - a.neededC),
  );
  return { ...best!, isProvenBest: true };
}

const keepsPrecedence = (order: readonly DropSeat[]) =>
  order.every((seat, i) => !order.slice(i + 1).some(({ id }) => seat.after.includes(id)));

function improveByExchange(seats: readonly DropSeat[], plan: DropPlan): DropOrder {
  const order: DropSeat[] = [];
  const left = [...seats].sort((a, b) => b.neededC - a.neededC);
  while (left.length > 0)
    order.push(
      left.splice(
        left.findIndex((seat) => !left.some(({ id }) => seat.after.includes(id))),
        1,
      )[0]!,
    );
  let best = runOrder(order, plan);
  let current = order;
  for (let isMoving = true; isMoving;) {
    isMoving = false;
    for (let i = 0; i < current.length && !isMoving; i += 1)
      for (let j = 0; j < current.length && !isMoving; j += 1) {
        const moved = current.filter((_, k) => k !== i);
        moved.splice(j, 0, current[i]!);
        const tried = keepsPrecedence(moved) ? runOrder(moved, plan) : null;
        if (tried && isBetter(tried, best)) {
          best = tried;
          current = moved;
          isMoving = true;
        }
      }
  }
  return { ...best, isProvenBest: false };
}

function checkSeats(seats: readonly DropSeat[], plan: DropPlan): Issue[] {
  const ids = new Set(seats.map(({ id }) => id));
  const issues: Issue[] = [];
  if (seats.length === 0) issues.push({ code: 'too_few', field: 'seats', given: 0, min: 1 });
  if (ids.size !== seats.length) issues.push({ code: 'not_unique', field: 'seats.id' });
  seats.forEach((seat, i) => {
    for (const other of seat.after)
      if (!ids.has(other)) issues.push({ code: 'unknown_seat', field: `seats.${i}.after`, given: other });
    // No heat to this temperature helps: it must be said, not planned around.
    if (seat.neededC > Math.max(plan.startC, plan.reheatC ?? plan.startC))
      issues.push({
        code: 'hotter_than_the_start',
        field: `seats.${i}.needed_C`,
        given: seat.neededC,
        max: plan.reheatC ?? plan.startC,
      });
  });
  const placed = new Set<string>();
  for (let grew = true; grew;) {
    grew = false;
    for (const seat of seats)
      if (!placed.has(seat.id) && seat.after.every((id) => placed.has(id) || !ids.has(id))) {
        placed.add(seat.id);
        grew = true;
      }
  }
  if (placed.size < ids.size)
    issues.push({
      code: 'circle',
      field: 'seats',
      given: [...ids].filter((id) => !placed.has(id)).join(', '),
    });
  return issues;
}

/** Invalid: `too_few`, `not_unique`, `unknown_seat`, `hotter_than_the_start`, `circle`. */
export function planDropOrder(seats: readonly DropSeat[], plan: DropPlan): Result<DropOrder> {
  const issues = checkSeats(seats, plan);
  if (issues.length > 0) return fail(...issues);
  return succeed(seats.length <= PROVEN_UP_TO ? searchBest(seats, plan) : improveByExchange(seats, plan));
}
