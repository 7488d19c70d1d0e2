import { z } from 'zod';
import { MATERIALS } from '@/core/catalogue/materials';
import { fail, type Result } from '@/core/quantity/result';
import { issuesFromZod } from '@/core/quantity/zodIssues';
import { SUMS, solveSum, type Solved } from './allSums';
import { fillInMaterials, materialKeyOf } from './inPlaceOfNumbers';
import type { Field, Sum } from './sum';

/**
 * The bodies that `/api/v1/sums/{topic}` takes, made from the same fields that the pages show. One list, three uses: checked here,
 * described in the OpenAPI document, asked for on the page.
 */
const MATERIAL_CODES = Object.keys(MATERIALS) as [string, ...string[]];

const spreadSchema = (min: number, max: number) =>
  z.union([
    z.object({
      value: z.number().min(min).max(max),
      u: z
        .number()
        .min(0)
        .max(max - min),
      dist: z.literal('normal').default('normal'),
    }),
    z.object({
      value: z.number().min(min).max(max),
      half: z
        .number()
        .min(0)
        .max(max - min),
      dist: z.literal('rect'),
    }),
  ]);

function plainSchema(field: Field): z.ZodType {
  switch (field.kind) {
    case 'number':
      return z.number().min(field.min).max(field.max);
    case 'maybe_number':
      return z.number().min(field.min).max(field.max).nullable();
    case 'choice':
      return z.enum(field.options.map(({ value }) => value) as [string, ...string[]]);
    case 'flag':
      return z.boolean();
    case 'numbers':
      return z.array(z.number().min(field.min).max(field.max)).min(field.minItems).max(field.maxItems);
    case 'spread':
      return spreadSchema(field.min, field.max);
    case 'counts':
      return z
        .record(z.string().regex(/^[1-9]\d{0,4}$/), z.number().int().min(0).max(100))
        .refine((counts) => Object.keys(counts).length <= 40, 'too_many_sizes');
    case 'text':
      return z.string().max(field.maxLength);
    case 'texts':
      return z.array(z.string().max(10)).max(field.maxItems);
    case 'group':
      return objectOf(field.fields);
  }
}

const describeField = (field: Field, schema: z.ZodType) =>
  schema.describe([field.label, field.hint].filter(Boolean).join('; '));

const objectOf = (fields: readonly Field[]): z.ZodObject =>
  z.object(
    Object.fromEntries(
      fields.map((field) => {
        const schema = describeField(field, plainSchema(field));
        return [field.name, field.when || field.isOptional ? schema.optional() : schema];
      }),
    ),
  );

/** The body with numbers only, as it is solved. */
export const bodySchema = ({ fields, mode }: Sum): z.ZodObject =>
  mode === null ? objectOf(fields) : z.object({ mode: z.literal(mode), ...objectOf(fields).shape });

/** The body as it may be sent: a material's name where its numbers could stand. For the description only. */
export function sentSchema({ fields, mode }: Sum): z.ZodObject {
  const open = (list: readonly Field[]): Record<string, z.ZodType> => {
    const shape = Object.fromEntries(
      list.map((field) => {
        const isProperty = field.kind === 'number' && field.property !== undefined;
        const plain = field.kind === 'group' ? z.object(open(field.fields)) : plainSchema(field);
        const schema = describeField(field, isProperty ? z.union([plain, z.enum(MATERIAL_CODES)]) : plain);
        return [field.name, field.when || field.isOptional || isProperty ? schema.optional() : schema] as [
          string,
          z.ZodType,
        ];
      }),
    );
    const named = [
      ...new Set(
        list.flatMap((field) =>
          field.kind === 'number' && field.property ? [materialKeyOf(field.name)] : [],
        ),
      ),
    ];
    return {
      ...shape,
      ...Object.fromEntries(
        named.map((name) => [
          name,
          z
            .enum(MATERIAL_CODES)
            .optional()
            .describe('stands in place of this part’s numbers that are left out'),
        ]),
      ),
    };
  };
  return z.object({ ...(mode !== null && { mode: z.literal(mode) }), ...open(fields) });
}

const isAsked = (field: Field, body: Readonly<Record<string, unknown>>) =>
  !field.when || field.when.is.includes(String(body[field.when.field]));

/** Usual values for what is not asked for or may be left out; an issue for what is missing. */
function fillInUsual(
  fields: readonly Field[],
  body: Record<string, unknown>,
): { body: Record<string, unknown>; missing: string[] } {
  const missing: string[] = [];
  const filled = { ...body };
  for (const field of fields) {
    if (filled[field.name] !== undefined || !(field.when || field.isOptional)) continue;
    if (field.when && !field.isOptional && isAsked(field, body)) missing.push(field.name);
    else if ('usual' in field) filled[field.name] = field.usual;
  }
  return { body: filled, missing };
}

const parsedSchemas = new Map<Sum, z.ZodObject>();
const schemaOf = (sum: Sum) => {
  const known = parsedSchemas.get(sum) ?? bodySchema(sum);
  parsedSchemas.set(sum, known);
  return known;
};

/** Checks a body for one sum. Invalid: what `issuesFromZod` finds, `missing`, `unknown_material`, each with its field. */
export function checkInputs(
  sum: Sum,
  body: Readonly<Record<string, unknown>>,
): Result<Record<string, unknown>> {
  const { body: numbers, issues } = fillInMaterials(sum.fields, body);
  if (issues.length > 0) return fail(...issues);
  const parsed = schemaOf(sum).safeParse(numbers);
  if (!parsed.success) return fail(...issuesFromZod(parsed.error, numbers));
  const { body: inputs, missing } = fillInUsual(sum.fields, parsed.data as Record<string, unknown>);
  return missing.length > 0
    ? fail(...missing.map((field) => ({ code: 'missing', field })))
    : { ok: true, value: inputs, warnings: [] };
}

/** The same for one sum whose inputs have no mode in them, as a page or an address gives them: they pass the same check. */
export const solveInputs = (sum: Sum, inputs: Readonly<Record<string, unknown>>): Result<Solved> =>
  solveBody([sum], sum.mode === null ? inputs : { ...inputs, mode: sum.mode });

/** The sums of one topic; null when nobody knows it. */
export const sumsOfTopic = (topic: string): readonly Sum[] | null => {
  const found = SUMS.filter((sum) => sum.topic === topic);
  return found.length > 0 ? found : null;
};

/** Picks the sum by the body's `mode`, checks and solves. Invalid: `unknown_mode`, and what `checkInputs` and `solveSum` find. */
export function solveBody(sums: readonly Sum[], body: Readonly<Record<string, unknown>>): Result<Solved> {
  const sum = sums.find(({ mode }) => mode === null || mode === body.mode);
  if (!sum) return fail({ code: 'unknown_mode', field: 'mode', given: String(body.mode) });
  const inputs = checkInputs(sum, body);
  return inputs.ok ? solveSum(sum, inputs.value) : inputs;
}
