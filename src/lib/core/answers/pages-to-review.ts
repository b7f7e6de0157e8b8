import type { NewsKind } from '../case-assessment';
import { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './questionnaire-pages';

/** The pages that are worth a second look after each kind of news. Common practice. */
export const PAGES_BY_NEWS: Readonly<Record<NewsKind, readonly QuestionnairePage[]>> = {
	glasses: ['you', 'screen', 'light'],
	moved: ['spot', 'feet', 'back', 'hands', 'mouse', 'screen', 'light', 'safety'],
	chair: ['feet', 'back', 'hands', 'screen'],
	pregnancy: ['feet', 'back', 'hands', 'screen'],
	other: []
};

/** The pages that some news concern, in the order of the walk. */
export function pagesToReview(news: readonly NewsKind[]): QuestionnairePage[] {
	return QUESTIONNAIRE_PAGES.filter((page) => news.some((one) => PAGES_BY_NEWS[one].includes(page)));
}
