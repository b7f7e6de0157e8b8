import type { ParamMatcher } from '@sveltejs/kit';
import { PAGES } from '$lib/core/answers';

/** A page of the self-assessment. */
export const match = ((param): param is (typeof PAGES)[number] =>
	(PAGES as readonly string[]).includes(param)) satisfies ParamMatcher;
