import { screenLoad } from '$lib/server/workforce/screen-load';
import { overviewScreen } from '$lib/server/workforce/overview';

export const load = screenLoad(overviewScreen);
