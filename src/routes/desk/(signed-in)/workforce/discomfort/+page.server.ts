import { screenLoad } from '$lib/server/workforce/screen-load';
import { discomfortScreen } from '$lib/server/workforce/screens';

export const load = screenLoad(discomfortScreen);
