import openapiTS, { astToString } from 'openapi-typescript';
import { expect, it } from 'vitest';
import document from '../../openapi.json';
import schema from './schema.d.ts?raw';

it('is what npm run api makes of the server’s document', async () => {
  const made = astToString(await openapiTS(document as unknown as Parameters<typeof openapiTS>[0]));
  const body = (text: string) => text.slice(text.indexOf('export interface paths')).trim();
  expect(body(schema) === body(made), 'after a change of openapi.json: npm run api').toBe(true);
});
