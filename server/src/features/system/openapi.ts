import { ROUTES, type Route, type RouteName } from '@kesto/contract';
import { bodySchemaOf } from '@kesto/contract/schemas';
import { SUMMARIES } from '@kesto/contract/summaries';
import joiToSwagger from 'joi-to-swagger';

const templated = (path: string) => path.replace(/:(\w+)/g, '{$1}');
const parameters = (path: string) =>
  [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({ name, in: 'path', required: true, schema: { type: 'string' } }));

function operation(name: RouteName, route: Route) {
  const body = bodySchemaOf(name);
  return {
    operationId: name,
    summary: SUMMARIES[name],
    description: route.roles === 'anyone' ? 'No sign-in needed.' : `For: ${route.roles.join(', ')}.`,
    parameters: parameters(route.path),
    ...(body ? { requestBody: { required: true, content: { 'application/json': { schema: joiToSwagger(body).swagger } } } } : {}),
    responses: { 200: { description: 'Done' }, default: { description: 'Refused: error { code, field?, message, requestId }' } },
  };
}

/** The API described from the same table and schemas that serve it. */
export function openApiDescription() {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const [name, route] of Object.entries(ROUTES) as [RouteName, Route][]) {
    const path = (paths[templated(route.path)] ??= {});
    path[route.method] = operation(name, route);
  }
  return { openapi: '3.0.3', info: { title: 'Kesto', version: '0.1.0' }, paths };
}
