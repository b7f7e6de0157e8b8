import { loadMoving } from '$lib/server/moving/moving-page';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = loadMoving;
