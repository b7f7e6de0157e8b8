import { redirect } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** The bare address is for coordinators: employees come by their link. */
export const load: PageServerLoad = () => {
	redirect(307, '/desk');
};
