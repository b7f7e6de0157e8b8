import type { ParamMatcher } from '@sveltejs/kit';
import { QUESTIONNAIRE_PAGES } from '$lib/core/questionnaire/answers/questionnaire-pages';

/** A page of the self-assessment. */
export const match = ((param): param is (typeof QUESTIONNAIRE_PAGES)[number] =>
	(QUESTIONNAIRE_PAGES as readonly string[]).includes(param)) satisfies ParamMatcher;
