'use client';
import Box from '@mui/material/Box';
import { loadJson } from '@/bench/record/door';
import { useLoaded } from '@/bench/record/useLoaded';
import { token, TYPE } from '@/ui/theme/tokens';
import { Shelf } from './Listing';
import { TapLink } from '@/ui/parts/TapLink';
import { Lead, Quiet, Text } from '@/ui/parts/text';

type Schema = {
  properties?: Record<
    string,
    {
      description?: string;
      type?: unknown;
      const?: unknown;
      minimum?: number;
      maximum?: number;
      enum?: unknown[];
      anyOf?: { minimum?: number; maximum?: number }[];
    }
  >;
  required?: string[];
  oneOf?: Schema[];
  $ref?: string;
};
type Operation = {
  summary?: string;
  description?: string;
  requestBody?: { content: Record<string, { schema: Schema }> };
  parameters?: { name: string; in: string; required: boolean }[];
};
type Document = { openapi: string; paths: Record<string, Record<string, Operation>> };

const bounds = ({ minimum, maximum, anyOf }: NonNullable<Schema['properties']>[string]) => {
  const [low, high] = [minimum ?? anyOf?.[0]?.minimum, maximum ?? anyOf?.[0]?.maximum];
  return low === undefined && high === undefined ? '' : ` (${low ?? ''} … ${high ?? ''})`;
};

function Body({ schema }: { schema: Schema }) {
  if (schema.oneOf)
    return (
      <>
        {schema.oneOf.map((each, i) => (
          <Body key={i} schema={each} />
        ))}
      </>
    );
  const entries = Object.entries(schema.properties ?? {});
  const mode = schema.properties?.mode?.const;
  return (
    <Box sx={{ mb: 1 }}>
      {mode !== undefined && <Box sx={{ fontWeight: 700 }}>mode: {String(mode)}</Box>}
      {entries
        .filter(([name]) => name !== 'mode')
        .map(([name, field]) => (
          <Box key={name} sx={{ overflowWrap: 'anywhere' }}>
            <b>{name}</b>
            {schema.required?.includes(name) ? '' : ' (may be left out)'}:{' '}
            {field.description ?? (field.enum ? field.enum.join(', ') : String(field.type ?? ''))}
            {bounds(field)}
          </Box>
        ))}
    </Box>
  );
}

async function loadDocument(): Promise<Document> {
  const document = await loadJson<Document>('/api/v1/openapi.json');
  if (!document) throw new Error('away');
  return document;
}

/** What the shop's other programs may ask, drawn from the OpenAPI document that the server publishes. */
export function ApiSection() {
  const document = useLoaded(loadDocument);
  if (!document) return <Lead role="status">Fetching the description …</Lead>;
  return (
    <Shelf
      title="For the shop’s other programs"
      source={`JSON over HTTP, described by OpenAPI ${document.openapi}. Units stand in the names; errors are {error: {code, message, issues}} with a 4xx.`}
    >
      <Text sx={{ mb: 2 }}>
        <TapLink href="/api/v1/openapi.json">/api/v1/openapi.json</TapLink>
        {' · '}
        <TapLink href="/third-party-licences.txt">Packages and their licences</TapLink>
      </Text>
      {Object.entries(document.paths).flatMap(([path, operations]) =>
        Object.entries(operations).map(([method, { summary, requestBody, parameters }]) => (
          <Box
            key={`${method} ${path}`}
            component="details"
            sx={{ borderBottom: `1px solid ${token('rule')}`, fontSize: TYPE.text }}
          >
            <Box component="summary" sx={{ minHeight: 48, py: 1, cursor: 'pointer' }}>
              <b>
                {method.toUpperCase()} {path}
              </b>{' '}
              · {summary}
            </Box>
            <Quiet sx={{ pl: 3, pb: 2 }}>
              {parameters?.map(({ name, in: where, required }) => (
                <Box key={name}>
                  <b>{name}</b> in the {where}
                  {required ? '' : ', may be left out'}
                </Box>
              ))}
              {Object.values(requestBody?.content ?? {}).map(({ schema }, i) =>
                schema.$ref ? (
                  <Box key={i}>
                    A job file: see <TapLink href="/api/v1/job-file.schema.json">its schema</TapLink>
                  </Box>
                ) : (
                  <Body key={i} schema={schema} />
                ),
              )}
            </Quiet>
          </Box>
        )),
      )}
    </Shelf>
  );
}
