import type { Units } from '@/core/quantity/format';
import type { Issue } from '@/core/quantity/result';
import { size, span, TYPED_WORDS, type IssueWords } from './typedIssues';

/** What is wrong, in words, beside the field. */
const WORDS: IssueWords = {
  ...TYPED_WORDS,
  not_a_time: ({ given }) => `“${given}” is no time. Try 14:05, 2:05 pm or 5 min ago.`,
  points_nowhere: ({ field, given }) => `${field} points to something that is not there (${given}).`,
  id_used_twice: ({ field }) => `${field}: the same id stands twice.`,
  id_taken: () => 'This id already stands for something else.',
  not_json: ({ given }) => `This is no JSON file${given ? ` (${given})` : ''}.`,
  not_a_job_file: () => 'This is JSON, but no Urn Key job.',
  other_version: ({ given, max }) =>
    `This file is of version ${given}; this Urn Key reads versions up to ${max}.`,
  too_large: ({ max }) => `The file is too large: at most ${((max ?? 0) / 1048576).toFixed(0)} MB.`,
  bad_value: ({ field, given }) => `${field}: ${given ?? 'this'} does not fit.`,
  bad_type: ({ field, given }) => `${field}: ${given} is of another kind than is asked for.`,
  not_one_of: ({ field, given }) => `${field}: “${given}” is none of those that are known.`,
  unknown_field: ({ field, given }) => `${field}: “${given}” is not known here.`,
  bad_form: ({ field, given }) => `${field}: “${given}” is not written as it must be.`,
  not_an_id: ({ field, given }) => `${field}: “${given}” is no id.`,
  not_a_moment: ({ given }) => `“${given}” is no date and time.`,
  not_a_day: ({ given }) => `“${given}” is no day. Try 2026-11-28.`,
  moment_out_of_range: ({ given }) => `${given} can not be: from the year 2000 to 2099.`,
  in_the_future: ({ given }) => `${given} is still to come: is a clock wrong?`,
  forbidden_character: ({ field }) => `${field}: there is a character in it that can not be kept.`,
  not_what_was_typed: ({ given }) => `${given} is not what was typed.`,
  too_short: ({ min }) => `At least ${min} characters.`,
  too_long: ({ max }) => `At most ${max} characters.`,
  one_size_at_least: () => 'Give one size at least.',
  too_many_sizes: () => 'At most 40 sizes.',
  unknown_mode: ({ given }) => `No sum of this topic is called “${given}”.`,
  job_differs: () => 'This job is here already, with other castings or seats than in the file.',
  stale_edit: () => 'Somebody changed it meanwhile.',
  not_above_bore: () => 'The outside must be bigger than the bore.',
  not_above_outside: () => 'The boss must be bigger than the bearing.',
  less_than_shoulder_depth: () => 'The boss is at least as high as the shoulder is deep.',
  no_space_for_ring: () => 'Too shallow: the retaining ring’s groove would lie in the bearing.',
  beyond: ({ given }) => `From ${given}.`,
  missing: () => 'This is needed.',
  unknown_material: ({ given }) => `No metal is called “${given}” here.`,
  unknown_designation: ({ given }) => `“${given}” is not in the tables. Type the sizes instead.`,
  unknown_class: ({ given }) => `“${given}” is no class here. Try H7, N7, k6.`,
  outside_the_table: ({ given, min, max }, units) =>
    `${size(given, units)} is outside the table: from ${span(min, max, units, ' to ')}.`,
  no_such_ring: ({ given }, units) => `No ring is made for ${size(given, units)}.`,
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
  no_room: ({ max }, units) => `The rod leaves no wall: at most ${size(max, units)}.`,
  not_a_picture: () => 'This is no picture that can be read. JPEG, PNG or WebP.',
  too_many_pixels: () => 'This picture has too many pixels to read: take it smaller.',
  not_a_moment_ahead: () => 'Say an hour that is still to come: 10:40, Thursday 10:00, in 30 min.',
  not_unique: () => 'This stands already.',
  no_shoulder: () => 'The shoulder must be smaller than the bearing.',
};

/** An issue in words, its sizes and temperatures in the person's units. */
export const sayIssue = (issue: Issue, units: Units = 'metric'): string =>
  WORDS[issue.code]?.(issue, units) ?? `${issue.field}: ${issue.code.replaceAll('_', ' ')}`;
