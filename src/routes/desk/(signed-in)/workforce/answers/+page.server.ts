import { screenLoad } from '$lib/server/workforce/screen-load';
import { answersScreen } from '$lib/server/workforce/screens';

export const load = screenLoad(answersScreen);
