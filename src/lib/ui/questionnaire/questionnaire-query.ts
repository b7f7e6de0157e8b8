import {
	QUESTIONNAIRE_PAGES,
	type QuestionnairePage
} from '$lib/core/questionnaire/answers/questionnaire-pages';

/** What the URL of a page of the self-assessment says besides the page. */
export interface QuestionnaireQuery {
	/** The pages to go through: all of them, or those worth reviewing. */
	readonly only: readonly QuestionnairePage[];
	/** Everything on those pages is asked, not only what could change the result. */
	readonly isCloser: boolean;
	/** The question shown where one is shown at a time; null for the first open one. */
	readonly at: string | null;
	/** Whether everything that is missing is marked. */
	readonly showsOpen: boolean;
	/** Whether the page is reviewed: its questions come one after the other, answered or not. */
	readonly isReview: boolean;
	/** The query of another page of the same self-assessment. */
	readonly search: (to: { readonly at?: string; readonly isReview?: boolean }) => string;
}

/** Reads the query of a page of the self-assessment. */
export function questionnaireQuery(query: URLSearchParams): QuestionnaireQuery {
	const named = (query.get('only') ?? '').split('.');
	const some = QUESTIONNAIRE_PAGES.filter((page) => named.includes(page));
	const isCloser = query.has('closer');
	return {
		only: some.length > 0 ? some : QUESTIONNAIRE_PAGES,
		isCloser,
		at: query.get('at'),
		showsOpen: query.has('open'),
		isReview: query.has('review'),
		search: ({ at, isReview }) => {
			const parts = [
				...(at ? [`at=${at}`] : []),
				...(isReview ? ['review'] : []),
				...(some.length > 0 ? [`only=${some.join('.')}`] : []),
				...(isCloser ? ['closer'] : [])
			];
			return parts.length > 0 ? `?${parts.join('&')}` : '';
		}
	};
}
