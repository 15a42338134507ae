import type { APIRoute } from 'astro';
import { respondJson, endpoint } from '../../server/respond';
import { openApiDocument } from '../../server/openApi';

/** The OpenAPI document of the computing service. */
export const GET: APIRoute = endpoint(async () => respondJson(openApiDocument()));
