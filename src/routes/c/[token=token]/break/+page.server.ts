import { loadBreaksPage } from '$lib/server/breaks/breaks-page';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = loadBreaksPage;
