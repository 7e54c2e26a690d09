/**
 * The document of the HTTP API (OpenAPI 3.1), made of its routes and of the classes by which requests are checked. Operations and their
 * parts are named by their routes, so that the same routes give the same document.
 */
import type { TokenScope } from '@gobrel/contract';
import { ApiProblem } from '@gobrel/contract/api';
import { RequestMethod, type Type } from '@nestjs/common';
import { METHOD_METADATA, PATH_METADATA, HTTP_CODE_METADATA } from '@nestjs/common/constants.js';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { IS_ISO8601 } from 'class-validator';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { operationOf } from './operation.js';

/** The version of the API: the first number changes when a script has to be changed, the second when there is more. */
export const API_VERSION = '1.0';

/** A part of a document. */
export type Json = Readonly<Record<string, unknown>>;

/** A document. */
export interface ApiDocument {
  readonly openapi: '3.1.0';
  readonly info: Json;
  readonly servers: readonly Json[];
  readonly security: readonly Json[];
  readonly paths: Readonly<Record<string, Readonly<Record<string, Json>>>>;
  readonly components: Json & { readonly schemas: Readonly<Record<string, Json>> };
}

/** What may go wrong with any operation, by status. */
const TROUBLE: Readonly<Record<number, string>> = {
  401: 'The token is missing, unknown or has expired.',
  403: 'The token is not allowed this, or the teacher is not.',
  404: 'There is no such thing, or it is not the teacher’s.',
  422: 'Something that was sent is not valid.',
  429: 'Too many requests; wait a minute.',
};

/** The document of the routes of a controller. */
export function apiDocument(controller: Type): ApiDocument {
  const base = String(Reflect.getMetadata(PATH_METADATA, controller));
  const routes = methodsOf(controller).flatMap(([name, method]) => routeOf(name, method, base));
  const paths: Record<string, Record<string, Json>> = {};
  for (const { path, method, operation } of routes) (paths[path] ??= {})[method] = operation;
  const scopes = [...new Set(routes.map(({ scope }) => scope))].sort();
  return {
    openapi: '3.1.0',
    info: {
      title: 'Gobrel',
      version: API_VERSION,
      description: `For a teacher’s own scripts. Make a token on your account page and send it with every request: \`Authorization: Bearer gobrel_…\`. What tokens can be allowed: ${scopes.join(', ')}.`,
    },
    servers: [{ url: '/' }],
    security: [{ token: [] }],
    paths: sorted(paths),
    components: {
      securitySchemes: { token: { type: 'http', scheme: 'bearer' } },
      schemas: schemasOf(routes.flatMap(({ classes }) => classes)),
    },
  };
}

interface Route {
  readonly path: string;
  readonly method: string;
  readonly scope: TokenScope;
  readonly operation: Json;
  readonly classes: readonly string[];
}

/** The methods of a class by their names. */
function methodsOf({ prototype }: Type): readonly (readonly [string, object])[] {
  return Object.entries(Object.getOwnPropertyDescriptors<object>(prototype)).flatMap(([name, descriptor]) => {
    const value: unknown = descriptor.value;
    return typeof value === 'function' ? [[name, value] as const] : [];
  });
}

function routeOf(name: string, handler: object, base: string): readonly Route[] {
  const about = operationOf(handler);
  if (!about) return [];
  const own = String(Reflect.getMetadata(PATH_METADATA, handler));
  const verb = RequestMethod[Number(Reflect.getMetadata(METHOD_METADATA, handler))] ?? 'GET';
  const method = verb.toLowerCase();
  const path = `/${base}/${own}`.replaceAll(/:(\w+)/g, '{$1}');
  const status = Number(Reflect.getMetadata(HTTP_CODE_METADATA, handler) ?? (method === 'post' ? 201 : 200));
  const { does, scope, answers, takes, many = false } = about;
  const given = { $ref: `#/components/schemas/${answers.name}` };
  const parameters = [...path.matchAll(/\{(\w+)\}/g)].map(([, parameter]) => ({
    ...{ name: parameter, in: 'path', required: true, schema: { type: 'string' } },
  }));
  const trouble = Object.entries(TROUBLE)
    .filter(([code]) => (code !== '404' || parameters.length > 0) && (code !== '422' || takes !== undefined))
    .map(([code, description]): [string, Json] => [
      code,
      { description, content: json({ $ref: `#/components/schemas/${ApiProblem.name}` }) },
    ]);
  const operation = {
    ...{ operationId: name, summary: does, description: `Wants the scope \`${scope}\`.`, 'x-scope': scope },
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(takes
      ? { requestBody: { required: true, content: json({ $ref: `#/components/schemas/${takes.name}` }) } }
      : {}),
    responses: {
      [status]: { description: 'Done.', content: json(many ? { type: 'array', items: given } : given) },
      ...Object.fromEntries(trouble),
    },
  };
  return [{ path, method, scope, operation, classes: [answers.name, ...(takes ? [takes.name] : []), ApiProblem.name] }];
}

function json(schema: Json): Json {
  return { 'application/json': { schema } };
}

/** The schemas of some classes, and of those that they hold. */
function schemasOf(names: readonly string[]): Readonly<Record<string, Json>> {
  const made = validationMetadatasToSchemas({
    refPointerPrefix: '#/components/schemas/',
    classTransformerMetadataStorage: defaultMetadataStorage,
    // Moments are given with their time.
    additionalConverters: { [IS_ISO8601]: { type: 'string', format: 'date-time' } },
  });
  const all = Object.fromEntries(Object.entries(made).map(([name, schema]): [string, Json] => [name, { ...schema }]));
  const wanted = new Set<string>();
  const want = (name: string): void => {
    if (wanted.has(name)) return;
    wanted.add(name);
    for (const [, held = ''] of JSON.stringify(all[name] ?? {}).matchAll(/#\/components\/schemas\/(\w+)/g)) want(held);
  };
  names.forEach(want);
  return sorted(Object.fromEntries([...wanted].map((name) => [name, all[name] ?? {}])));
}

function sorted<T>(record: Readonly<Record<string, T>>): Readonly<Record<string, T>> {
  return Object.fromEntries(Object.entries(record).sort(([a], [b]) => (a < b ? -1 : 1)));
}
