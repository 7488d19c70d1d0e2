import { z } from 'zod';

export const input = (schema: z.ZodType) =>
  z.toJSONSchema(schema, { io: 'input', target: 'draft-2020-12', unrepresentable: 'any' }) as Record<
    string,
    unknown
  >;

export const withoutDialect = ({ $schema: _dialect, ...schema }: Record<string, unknown>) => schema;

export const json = (schema: unknown) => ({ content: { 'application/json': { schema } } });

const errorRef = { $ref: '#/components/schemas/Error' };

export const refused = (status: number, description: string) => ({
  [status]: { description, ...json(errorRef) },
});

export const REFUSALS = {
  ...refused(400, 'A value does not fit; each issue names its field.'),
  ...refused(413, 'The body is too large.'),
};

export const parameter = (
  name: string,
  where: 'path' | 'query',
  schema: unknown,
  isRequired = where === 'path',
) => ({ name, in: where, required: isRequired, schema });

export const uuid = { type: 'string', format: 'uuid' };

export const jobFileRef = { $ref: '#/components/schemas/JobFile' };

export const queryOf = (schema: z.ZodType) => {
  const { properties, required = [] } = withoutDialect(input(schema)) as {
    properties: Record<string, unknown>;
    required?: string[];
  };
  return Object.entries(properties).map(([name, each]) =>
    parameter(name, 'query', each, required.includes(name)),
  );
};
