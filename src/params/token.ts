import type { ParamMatcher } from '@sveltejs/kit';

/** The token of a personal link: the alphabet of base64url. */
export const match = ((param) => /^[\w-]{1,128}$/.test(param)) satisfies ParamMatcher;
