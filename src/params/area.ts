import type { ParamMatcher } from '@sveltejs/kit';
import { SETTINGS_AREAS, type SettingsArea } from '$lib/core/platform/organisation-settings/areas';

export const match = ((param): param is SettingsArea =>
	SETTINGS_AREAS.some((area) => area === param)) satisfies ParamMatcher;
