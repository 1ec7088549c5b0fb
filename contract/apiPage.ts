import * as z from 'zod';
import { findingSchema } from '#core/fault';
import { recordSchema } from '#core/record';
import { api } from './api.ts';
import { keptCheckSchema } from './checks.ts';
import type { Endpoint } from './endpoint.ts';
import { pageSchema } from './pages.ts';
import { photoSchema } from './photos.ts';
import { problemSchema } from './problem.ts';

const endpoints: readonly (readonly [string, Endpoint])[] = Object.entries(api);

/** Whether a schema says anything: most endpoints have no query, and many no body. */
const says = (schema: z.ZodType): boolean =>
  !(schema instanceof z.ZodObject && Object.keys(schema.shape).length === 0);

/** What stands in several answers, and is described once. */
const named = z.registry<{ id: string }>();
for (const [id, schema] of Object.entries({
  Record: recordSchema,
  Finding: findingSchema,
  Check: keptCheckSchema,
  Page: pageSchema,
  Photo: photoSchema,
}))
  named.add(schema, { id });

/** A schema as JSON Schema; what is named in it goes into `components`. */
function jsonSchema(schema: z.ZodType, io: 'input' | 'output', components: Record<string, unknown>): object {
  const written = z.toJSONSchema(schema, { unrepresentable: 'any', io, metadata: named });
  const json = JSON.stringify({ ...written, $schema: undefined }).replaceAll(
    '"#/$defs/',
    '"#/components/schemas/',
  );
  const { $defs = {}, ...rest } = z
    .looseObject({ $defs: z.record(z.string(), z.unknown()).optional() })
    .parse(JSON.parse(json));
  Object.assign(components, $defs);
  return rest;
}

const fieldsOf = (schema: z.ZodType): string =>
  schema instanceof z.ZodObject ? Object.keys(schema.shape).join(', ') : 'see openapi.json';

/** The page docs/api.md: every endpoint with what it takes and answers. */
export function apiPage(): string {
  const rows = endpoints.map(([name, { method, path, about, query, body, answer, files, sends, status }]) => {
    const takes = [
      says(query) ? `?${fieldsOf(query)}` : '',
      files ? `${files} file${files === 'many' ? 's' : ''}, multipart` : says(body) ? fieldsOf(body) : '',
    ];
    const gives = sends || (says(answer) ? fieldsOf(answer) : '');
    return `| \`${name}\` | ${method} | \`${path}\` | ${about} | ${takes.filter(Boolean).join('; ')} | ${String(status)} ${gives} |`;
  });
  return [
    '# The API',
    '',
    'Made from the table in `contract/api.ts` by `npm run docs`; the same as an OpenAPI 3.1 file in `openapi.json`. All paths lie below `/api`. Every refusal is answered with problem details (RFC 9457).',
    '',
    '| name | method | path | what it does | takes | answers |',
    '| --- | --- | --- | --- | --- | --- |',
    ...rows,
    '',
  ].join('\n');
}

/** The API as an OpenAPI 3.1 document. */
export function openApi(): string {
  const schemas: Record<string, unknown> = {};
  schemas['Problem'] = jsonSchema(problemSchema, 'output', schemas);
  const paths: Record<string, Record<string, unknown>> = {};
  for (const [name, endpoint] of endpoints) {
    const path = `/api${endpoint.path.replace(/:(\w+)/g, '{$1}')}`;
    paths[path] = { ...paths[path], [endpoint.method.toLowerCase()]: operation(name, endpoint, schemas) };
  }
  const document = {
    openapi: '3.1.0',
    info: { title: 'Zinc Post', version: '1' },
    paths,
    components: { schemas },
  };
  return `${JSON.stringify(document, null, 1)}\n`;
}

function operation(operationId: string, endpoint: Endpoint, schemas: Record<string, unknown>): object {
  const { path, about, query, body, answer, status, files, sends } = endpoint;
  const inPath = [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: name === 'form' || name === 'layer' ? 'string' : 'integer' },
  }));
  const inQuery = Object.entries(query instanceof z.ZodObject ? query.shape : {}).map(([name, schema]) => ({
    name,
    in: 'query',
    schema: jsonSchema(schema as z.ZodType, 'input', schemas),
  }));
  const parts = {
    type: 'object',
    properties: { [files === 'many' ? 'files' : 'file']: { type: 'string', format: 'binary' } },
  };
  const content = files
    ? { 'multipart/form-data': { schema: parts } }
    : { 'application/json': { schema: jsonSchema(body, 'input', schemas) } };
  const media = sends || 'application/json';
  const answered = says(answer) ? jsonSchema(answer, 'output', schemas) : { type: 'string' };
  return {
    operationId,
    summary: about,
    parameters: [...inPath, ...inQuery],
    ...(files || says(body) ? { requestBody: { content } } : {}),
    responses: {
      [status]: {
        description: about,
        ...(status === 204 ? {} : { content: { [media]: { schema: answered } } }),
      },
      default: {
        description: 'Refused',
        content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
      },
    },
  };
}
