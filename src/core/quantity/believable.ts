import { MM_PER_INCH } from './inch';
import { fail, succeed, type Result } from './result';

/**
 * Is a size believable at this place, or was another unit meant? Common practice, no source.
 *
 * A reading may be off by `withinMm` from what is expected (a wrong-variant part is off by a millimetre or two and must
 * still be recordable); farther off it is refused with the likeliest reason.
 * Invalid: `looks_like_inches`, `looks_like_mm`, `looks_like_thou`, `impossible_size`.
 */
export function checkBelievable({
  mm,
  expectedMm,
  withinMm,
  field,
}: {
  mm: number;
  expectedMm: number;
  withinMm: number;
  field: string;
}): Result<number> {
  const isNear = (candidateMm: number) => Math.abs(candidateMm - expectedMm) <= withinMm;
  if (isNear(mm)) return succeed(mm);
  const bounds = { field, given: mm, min: expectedMm - withinMm, max: expectedMm + withinMm };
  if (isNear(mm * MM_PER_INCH)) return fail({ code: 'looks_like_inches', ...bounds });
  if (isNear(mm / MM_PER_INCH)) return fail({ code: 'looks_like_mm', ...bounds });
  if (isNear((mm * MM_PER_INCH) / 1000)) return fail({ code: 'looks_like_thou', ...bounds });
  return fail({ code: 'impossible_size', ...bounds });
}
