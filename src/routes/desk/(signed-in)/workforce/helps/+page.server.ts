import { screenLoad } from '$lib/server/workforce/screen-load';
import { helpScreen } from '$lib/server/workforce/screens';

export const load = screenLoad(helpScreen);
