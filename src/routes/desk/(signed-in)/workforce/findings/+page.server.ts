import { screenLoad } from '$lib/server/workforce/screen-load';
import { findingsScreen } from '$lib/server/workforce/screens';

export const load = screenLoad(findingsScreen);
