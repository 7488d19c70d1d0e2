import { z } from 'zod';

/** Pieces that the descriptions of the API's operations are made of. */
type Shape = Record<string, unknown>;

const withoutDialect = ({ $schema: _dialect, ...schema }: Shape): Shape => schema;

const described = (schema: z.ZodType, io: 'input' | 'output'): Shape =>
  withoutDialect(
    z.toJSONSchema(schema, { io, target: 'draft-2020-12', unrepresentable: 'any' }) as Record<
      string,
      unknown
    >,
  );

/** As it is sent. */
export const sent = (schema: z.ZodType): Shape => described(schema, 'input');
/** As it is answered. */
export const answered = (schema: z.ZodType): Shape => described(schema, 'output');

/** An object all of whose properties are always there, among others maybe. */
export const holding = (properties: Record<string, Shape>, optional: readonly string[] = []): Shape => ({
  type: 'object',
  required: Object.keys(properties).filter((name) => !optional.includes(name)),
  properties,
});
export const listOf = (items: Shape): Shape => ({ type: 'array', items });
export const TEXT: Shape = { type: 'string' };
export const NUMBER: Shape = { type: 'number' };
export const WHOLE: Shape = { type: 'integer' };
export const YES_NO: Shape = { type: 'boolean' };
export const UUID: Shape = { type: 'string', format: 'uuid' };
export const orNull = (schema: Shape): Shape => ({ anyOf: [schema, { type: 'null' }] });
export const ref = (name: string): Shape => ({ $ref: `#/components/schemas/${name}` });

const json = (schema: unknown) => ({ content: { 'application/json': { schema } } });

const REFUSALS: Record<number, string> = {
  400: 'A value does not fit; each issue names its field.',
  403: 'Asked for by a page of another site.',
  404: 'There is no such thing.',
  409: 'Somebody else was quicker: what stands there now comes with it.',
  413: 'The body is too large.',
  503: 'The database is away.',
};

/** Which refusals an operation can give. */
const refusalsOf = (statuses: readonly number[]) =>
  Object.fromEntries(
    statuses.map((status) => [status, { description: REFUSALS[status], ...json(ref('Error')) }]),
  );

const parameter = (name: string, where: 'path' | 'query', schema: unknown, required = where === 'path') => ({
  name,
  in: where,
  required,
  schema,
});

/** The parameters of a query, from the schema that checks it. */
export const queryOf = (schema: z.ZodType) => {
  const { properties, required = [] } = sent(schema) as { properties: Shape; required?: string[] };
  return Object.entries(properties).map(([name, each]) =>
    parameter(name, 'query', each, required.includes(name)),
  );
};

type Described = {
  id: string;
  tag: 'sums' | 'ask' | 'parts' | 'orders' | 'jobs' | 'shop' | 'gauges' | 'server';
  summary: string;
  description?: string;
  query?: ReturnType<typeof queryOf>;
  body?: Shape;
  /** A body that is not JSON, by its type. */
  bodyOf?: Record<string, Shape>;
  /** 200 where nothing is made, 201 where something is; its address then stands in `Location`. */
  made?: boolean;
  answer?: Shape;
  /** An answer that is not JSON, by its type. */
  answerOf?: Record<string, Shape>;
  says: string;
  refuses?: readonly number[];
};

const contentOf = (types: Record<string, Shape>) =>
  Object.fromEntries(Object.entries(types).map(([type, schema]) => [type, { schema }]));

/** One operation as OpenAPI writes it. */
export function operation(of: Described) {
  const { id, tag, summary, description, query, body, bodyOf, made = false, answer, answerOf, says } = of;
  const types = answerOf ?? { 'application/json': answer ?? {} };
  const takes = bodyOf ?? (body && { 'application/json': body });
  return {
    operationId: id,
    tags: [tag],
    summary,
    ...(description && { description }),
    ...(query && { parameters: query }),
    ...(takes && { requestBody: { required: true, content: contentOf(takes) } }),
    responses: {
      [made ? 201 : 200]: {
        description: says,
        ...(made && {
          headers: { Location: { description: 'Where it stands now.', schema: { type: 'string' } } },
        }),
        content: contentOf(types),
      },
      ...refusalsOf([...(of.refuses ?? (takes ? [400, 403, 413] : [])), 503]),
    },
  };
}
export type Operation = ReturnType<typeof operation>;
export type Paths = Record<string, Partial<Record<'get' | 'post' | 'put' | 'patch' | 'delete', Operation>>>;

/** Every operation with the ids in its path as parameters, before those of its query. */
export const withPathParameters = (paths: Paths): Paths =>
  Object.fromEntries(
    Object.entries(paths).map(([path, operations]) => {
      const own = [...path.matchAll(/\{(\w+)\}/g)].map(([, name = '']) =>
        parameter(name, 'path', name.endsWith('Id') ? UUID : TEXT),
      );
      const withOwn = Object.entries(operations).map(([method, operation]) => [
        method,
        own.length === 0
          ? operation
          : { ...operation, parameters: [...own, ...(operation.parameters ?? [])] },
      ]);
      return [path, Object.fromEntries(withOwn) as Paths[string]];
    }),
  );
