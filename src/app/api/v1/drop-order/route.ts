import { planDropOrder } from '@/core/board/dropOrder';
import { answer, readJson, Refusal } from '@/server/http';
import { dropOrderBody } from '@/server/sums/bodies';

export const dynamic = 'force-dynamic';

export const POST = (request: Request) =>
  answer(async () => {
    const body = await readJson(request, dropOrderBody);
    const plan = {
      startC: body.start_C,
      roomC: body.room_C,
      timeConstantS: body.time_constant_s,
      turnOverS: body.turn_over_s,
      reheatS: body.reheat_s,
    };
    const found = planDropOrder(
      body.seats.map((seat) => ({
        id: seat.id,
        neededC: seat.needed_C,
        handlingS: seat.handling_s,
        coolsByK: seat.cools_by_K,
        face: seat.face,
        after: [
          ...seat.after,
          ...body.seats.filter(({ before }) => before.includes(seat.id)).map(({ id }) => id),
        ],
      })),
      plan,
    );
    if (!found.ok)
      throw new Refusal(400, found.issues[0]!.code, 'No order can be given for these seats.', found.issues);
    const { drops, heats, leastSlackS, isProvenBest } = found.value;
    const finite = (seconds: number) => (Number.isFinite(seconds) ? seconds : null);
    return Response.json({
      order: drops.map(({ id }) => id),
      heats,
      least_slack_s: finite(leastSlackS),
      is_proven_best: isProvenBest,
      drops: drops.map(({ id, heat, atS, castingC, slackS }) => ({
        id,
        heat,
        at_s: atS,
        casting_C: castingC,
        slack_s: finite(slackS),
      })),
    });
  });
