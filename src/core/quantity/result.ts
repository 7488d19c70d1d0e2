/**
 * How a function says that it has an answer, or that it has none and why.
 *
 * Codes are for programs; sentences belong to the interface (`src/ui/words`).
 * All issues are reported at once, so that a person mends everything in one go.
 */

/** One thing that is wrong with one input. */
export type Issue = {
  /** Stable, snake_case, e.g. `not_a_number`, `looks_like_inches`. */
  code: string;
  /** Which input, as the caller named it. */
  field: string;
  /** What was given, as given. */
  given?: string | number;
  min?: number;
  max?: number;
};

export type Ok<T> = { ok: true; value: T; warnings: Issue[] };
export type Failed = { ok: false; issues: Issue[] };
export type Result<T> = Ok<T> | Failed;

export const succeed = <T>(value: T, warnings: Issue[] = []): Ok<T> => ({ ok: true, value, warnings });

export const fail = (...issues: Issue[]): Failed => ({ ok: false, issues });

/** Collects what is wrong with several numbers: each must be finite and within its bounds (inclusive). */
export function checkNumbers(bounds: Record<string, { value: number; min?: number; max?: number }>): Issue[] {
  const issues: Issue[] = [];
  for (const [field, { value, min, max }] of Object.entries(bounds)) {
    if (!Number.isFinite(value)) issues.push({ code: 'not_a_number', field, given: String(value) });
    else if ((min !== undefined && value < min) || (max !== undefined && value > max))
      issues.push({
        code: 'out_of_range',
        field,
        given: value,
        ...(min !== undefined && { min }),
        ...(max !== undefined && { max }),
      });
  }
  return issues;
}
