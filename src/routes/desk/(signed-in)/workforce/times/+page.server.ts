import { screenLoad } from '$lib/server/workforce/screen-load';
import { timesScreen } from '$lib/server/workforce/screens';

export const load = screenLoad(timesScreen);
