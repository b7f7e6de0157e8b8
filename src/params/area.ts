import type { ParamMatcher } from '@sveltejs/kit';
import { SETTINGS_AREAS, type SettingsArea } from '$lib/core/platform/organisation-settings/areas';

/** An area of the organisation's settings. */
export const match = ((param): param is SettingsArea =>
	SETTINGS_AREAS.some((area) => area === param)) satisfies ParamMatcher;
