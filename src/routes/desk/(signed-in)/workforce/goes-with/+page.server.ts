import { screenLoad } from '$lib/server/workforce/screen-load';
import { associationsScreen } from '$lib/server/workforce/screens';

export const load = screenLoad(associationsScreen);
