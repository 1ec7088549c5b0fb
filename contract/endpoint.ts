import * as z from 'zod';
import { idSchema } from './clients.ts';
import { formSchema } from './pages.ts';

/** What may stand for a part of a path. */
const parameterSchemas = {
  id: idSchema,
  page: idSchema,
  other: idSchema,
  ignore: idSchema,
  form: formSchema,
  layer: z.enum(['towns', 'streets']),
};
type Parameters = { [K in keyof typeof parameterSchemas]: z.output<(typeof parameterSchemas)[K]> };

/** The values of the parts of a path that begin with a colon, by their names. */
export type ParametersOf<Path extends string> = Path extends `${string}:${infer Name}/${infer Rest}`
  ? Pick<Parameters, Name & keyof Parameters> & ParametersOf<`/${Rest}`>
  : Path extends `${string}:${infer Name}`
    ? Pick<Parameters, Name & keyof Parameters>
    : unknown;

const nothing = z.object({});
type Nothing = typeof nothing;

/** One thing that can be asked of the server: everything that server, interface and documents know of it. */
export interface Endpoint<
  Path extends string = string,
  Query extends z.ZodType = z.ZodType,
  Body extends z.ZodType = z.ZodType,
  Answer extends z.ZodType = z.ZodType,
> {
  readonly method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';
  readonly path: Path;
  /** What it does, for `docs/api.md`. */
  readonly about: string;
  readonly parameters: z.ZodType<ParametersOf<Path>>;
  readonly query: Query;
  readonly body: Body;
  readonly answer: Answer;
  /** The status of a good answer; 204 where it has no content. */
  readonly status: number;
  /** What is sent and answered, where that is no JSON. */
  readonly files: 'one' | 'many' | '';
  readonly sends: string;
}

interface More<Query, Body, Answer> {
  readonly query?: Query;
  readonly body?: Body;
  readonly answer?: Answer;
  readonly status?: number;
  readonly files?: 'one' | 'many';
  /** The media type of an answer that is no JSON. */
  readonly sends?: string;
}

/** An endpoint of a method and path. */
export function endpoint<
  const Path extends string,
  Query extends z.ZodType = Nothing,
  Body extends z.ZodType = Nothing,
  Answer extends z.ZodType = Nothing,
>(
  [method, path]: readonly [Endpoint['method'], Path],
  about: string,
  more: More<Query, Body, Answer> = {},
): Endpoint<Path, Query, Body, Answer> {
  const { query, body, answer, status = answer || more.sends ? 200 : 204, files = '', sends = '' } = more;
  const names = [...path.matchAll(/:(\w+)/g)].map(([, name = '']) => name);
  const shape = Object.fromEntries(names.map((name) => [name, Reflect.get(parameterSchemas, name)]));
  return {
    method,
    path,
    about,
    parameters: z.object(shape) as unknown as z.ZodType<ParametersOf<Path>>,
    query: query ?? (nothing as unknown as Query),
    body: body ?? (nothing as unknown as Body),
    answer: answer ?? (nothing as unknown as Answer),
    status,
    files,
    sends,
  };
}
