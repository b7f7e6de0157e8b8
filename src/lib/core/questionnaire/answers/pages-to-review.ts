import type { NewsKind } from '../../cases/case-assessment/vocabulary';
import { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './questionnaire-pages';

/** The pages to review after each kind of news. Common practice. */
const PAGES_BY_NEWS: Readonly<Record<NewsKind, readonly QuestionnairePage[]>> = {
	glasses: ['you', 'screen', 'light'],
	moved: ['spot', 'feet', 'back', 'hands', 'mouse', 'screen', 'light', 'safety'],
	chair: ['feet', 'back', 'hands', 'screen'],
	pregnancy: ['feet', 'back', 'hands', 'screen'],
	other: []
};

/** The pages to review after some news, in page order. */
export function pagesToReview(news: readonly NewsKind[]): QuestionnairePage[] {
	return QUESTIONNAIRE_PAGES.filter((page) => news.some((one) => PAGES_BY_NEWS[one].includes(page)));
}
