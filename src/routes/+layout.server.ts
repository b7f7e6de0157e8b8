import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals }) => ({ theme: locals.theme, textSize: locals.textSize });
