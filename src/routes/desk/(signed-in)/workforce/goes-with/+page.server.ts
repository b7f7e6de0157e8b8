import { screenLoad } from '$lib/server/workforce/screen-load';

export const load = screenLoad('associations');
