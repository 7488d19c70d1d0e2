import type { JobId } from '@/core/record/ids';
import type { LimitsUm, ToleranceClass } from '@/core/catalogue/limits';
import type { MaterialCode, SealMaterial } from '@/core/catalogue/materials';
import type { RetainingRing, RingStandard } from '@/core/catalogue/retainingRings';
import type { StrengthClass } from '@/core/catalogue/threads';
import type { Quantity } from '@/core/quantity/units';
import type { Units } from '@/core/quantity/format';
import type { Solved } from '@/core/sums/allSums';
import type { SumDescription } from '@/core/sums/sum';
import type { QuickPart, QuickSeat } from './quickSeat';

/** Longer than this is nothing that a person asks in one line, characters. */
export const LONGEST_ASKED = 80;

/** What the ask line knows of the shop: its jobs, put away and finished ones too, and the kinds that a job can be. */
export type AskContext = {
  units: Units;
  jobs: readonly AskableJob[];
  kinds: readonly { kind: string; name: string; keywords: string }[];
};
export type AskableJob = {
  jobId: JobId;
  code: string;
  stackCodes?: readonly string[];
  machine: string;
  number: number;
};

export type HelpTopic = 'stuck' | 'cocked';
export type SolvedSum = { sum: SumDescription; inputs: Record<string, unknown>; solved: Solved };

/** A thread that is tightened. */
export type Tightened = SolvedSum & {
  strengthClass: StrengthClass;
  /** Nobody said the class: this one was taken. */
  isStrengthAssumed: boolean;
  /** Nobody said a torque: the usual one was taken. */
  isTorqueAssumed: boolean;
};

/** What a question means, and what was found. `answer` is the kind of it, as the API says it too. */
export type AskAnswer =
  /** A bearing of the tables. `seat` is null for one that is not pressed into a bore. */
  | {
      answer: 'bearing';
      part: QuickPart;
      meaning: string;
      seat: QuickSeat | null;
      note: string | null;
      /** A casting temperature that was asked about, °C. */
      housingC: number | null;
    }
  /** Sizes that no table has, or not all of them; `seat` is null while the width is missing. */
  | {
      answer: 'sizes';
      boreMm: number;
      outsideMm: number;
      widthMm: number | null;
      seat: QuickSeat | null;
      note: string;
    }
  | ({
      answer: 'seal';
      shaftMm: number;
      outsideMm: number;
      widthMm: number;
      material: SealMaterial | null;
      rpm: number | null;
      isInTables: boolean;
    } & SolvedSum)
  | {
      answer: 'retaining_ring';
      nominalMm: number;
      rings: { standard: RingStandard; ring: RetainingRing }[];
    }
  | ({ answer: 'bolt' } & Tightened)
  | ({ answer: 'rod' } & Tightened)
  | { answer: 'limits'; nominalMm: number; toleranceClass: ToleranceClass; limitsUm: LimitsUm }
  /** One amount, as it was typed, and as people of either unit read it. */
  | { answer: 'conversion'; typed: string; quantity: Quantity; value: number; shown: string[] }
  | { answer: 'material'; material: MaterialCode }
  | ({ answer: 'sum' } & SolvedSum)
  /** Several sums that the words fit. */
  | { answer: 'sums'; sums: SumDescription[] }
  | { answer: 'job_kind'; kinds: { jobKind: string; name: string }[] }
  | ({ answer: 'job' } & Omit<AskableJob, 'stackCodes'>)
  /** A part that did not go where it should: what to do. */
  | { answer: 'help'; topic: HelpTopic }
  /** Reads like a part’s number, and no table has it. */
  | { answer: 'not_in_tables'; typed: string }
  /** Nothing that is known: what can be asked. */
  | { answer: 'what_can_be_asked' };
