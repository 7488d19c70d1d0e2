import type { Issue } from '@/core/quantity/result';

const mm = (value: number | undefined) => (value === undefined ? '' : value.toFixed(2));

/** What is wrong, in words, beside the field. */
const WORDS: Record<string, (issue: Issue) => string> = {
  empty: () => 'Type a number, then Enter.',
  not_a_length: ({ given }) => `“${given}” is no size. Try 62.01, .195in, 195 thou or 3/16.`,
  unknown_unit: ({ given }) => `“${given}” is no unit here: mm, in, thou or µm.`,
  looks_like_inches: ({ given, min, max }) =>
    `${mm(Number(given))} mm cannot be; in inches it would fit ${mm(min)}–${mm(max)} mm. Add “in”?`,
  looks_like_mm: ({ given }) => `That is ${mm(Number(given))} mm; it fits if it was meant in mm. Add “mm”?`,
  looks_like_thou: ({ given }) =>
    `${mm(Number(given))} mm cannot be; it fits as thousandths of an inch. Add “thou”?`,
  impossible_size: ({ given, min, max }) =>
    `${mm(Number(given))} mm cannot be here: ${mm(min)} to ${mm(max)} mm would.`,
  depth_negative: () => 'No sign here: say above whether it is sunk or stands out.',
  not_a_temperature: ({ given }) => `“${given}” is no temperature. Try 110, 230F or −18.`,
  below_absolute_zero: () => 'Nothing is that cold.',
  impossible_temperature: ({ min, max }) => `Between ${min} and ${max} °C is possible here.`,
  not_a_number: () => 'Type a number.',
  out_of_range: ({ min, max }) =>
    min !== undefined && max !== undefined
      ? `Between ${min} and ${max}.`
      : min !== undefined
        ? `At least ${min}.`
        : `At most ${max}.`,
  points_nowhere: ({ field, given }) => `${field} points to something that is not there (${given}).`,
  id_used_twice: ({ field }) => `${field}: the same id stands twice.`,
  id_taken: () => 'This id already stands for something else.',
  not_json: ({ given }) => `This is no JSON file${given ? ` (${given})` : ''}.`,
  not_a_job_file: () => 'This is JSON, but no Urn Key job.',
  other_version: ({ given, max }) => `This file is of version ${given}; this Urn Key reads version ${max}.`,
  too_large: ({ max }) => `The file is too large: at most ${((max ?? 0) / 1048576).toFixed(0)} MB.`,
  bad_value: ({ field, given }) => `${field}: ${given}`,
  job_differs: () => 'This job is here already, with other castings or seats than in the file.',
  stale_edit: () => 'Somebody changed this seat meanwhile.',
  not_above_bore: () => 'The outside must be bigger than the bore.',
  not_above_outside: () => 'The boss must be bigger than the bearing.',
  less_than_shoulder_depth: () => 'The boss is at least as high as the shoulder is deep.',
  no_room_for_ring: () => 'Too shallow: the retaining ring’s groove would lie in the bearing.',
  beyond: ({ given }) => `From ${given}.`,
  missing: () => 'This is needed.',
  unknown_material: ({ given }) => `No metal is called “${given}” here.`,
  unknown_designation: ({ given }) => `“${given}” is not in the tables. Type the sizes instead.`,
  unknown_class: ({ given }) => `“${given}” is no class here. Try H7, N7, k6.`,
  outside_the_table: ({ given, min, max }) => `${given} mm is outside the table: from ${min} to ${max} mm.`,
  no_such_ring: ({ given }) => `No ring is made for ${given} mm.`,
  not_as_many: ({ given, min }) => `${min} angles, but ${given} depths.`,
  collinear: () => 'These angles do not go round: read at three places at least.',
  out_of_order: () => 'These stand in the wrong order.',
  not_whole: () => 'Whole micrometres.',
  not_counts: () => 'Thickness in µm × how many, like 50×4 100×2.',
  too_few: ({ min }) => `At least ${min}.`,
  too_many: ({ max }) => `At most ${max}.`,
  too_much_work: () => 'This would take too long: shorten the time or make the part bigger.',
  no_finite_answer: () => 'These values have no answer: one of them is out of all proportion.',
  over_the_cap: ({ max }) => `Not above ${max} bar: seals are not made for more.`,
  no_room: ({ max }) => `The rod leaves no wall: at most ${max?.toFixed(1)} mm.`,
  not_a_picture: () => 'This is no picture that can be read. JPEG, PNG or WebP.',
  too_many_pixels: () => 'This picture has too many pixels to read: take it smaller.',
  not_unique: () => 'This stands already.',
  no_shoulder: () => 'The shoulder must be smaller than the bearing.',
};

export const sayIssue = (issue: Issue): string =>
  WORDS[issue.code]?.(issue) ?? `${issue.field}: ${issue.code.replaceAll('_', ' ')}`;
