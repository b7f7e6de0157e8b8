import { screenLoad } from '$lib/server/workforce/screen-load';
import { stepsScreen } from '$lib/server/workforce/screens';

export const load = screenLoad(stepsScreen);
