import type { APIRoute } from 'astro';
import { answerJson, endpoint } from '../../server/answer';
import { openApiDocument } from '../../server/openApi';

/** The OpenAPI document of the computing service. */
export const GET: APIRoute = endpoint(async () => answerJson(openApiDocument()));
