import type { APIRoute } from 'astro';
import { endpoint } from '../../../server/respond';
import { computeService } from '../../../server/computeService';

/** A computing service of the core, by its subject; stateless. */
export const POST: APIRoute = endpoint(computeService);
