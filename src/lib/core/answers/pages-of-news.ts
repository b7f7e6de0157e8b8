import type { News } from '../judgement';
import { PAGES, type Page } from './pages';

/** The pages that are worth a second look after each kind of news. Common practice. */
export const NEWS_PAGES: Readonly<Record<News, readonly Page[]>> = {
	glasses: ['you', 'screen', 'light'],
	moved: ['spot', 'feet', 'back', 'hands', 'mouse', 'screen', 'light', 'safety'],
	chair: ['feet', 'back', 'hands', 'screen'],
	pregnancy: ['feet', 'back', 'hands', 'screen'],
	other: []
};

/** The pages that some news concern, in the order of the walk. */
export function pagesOfNews(news: readonly News[]): Page[] {
	return PAGES.filter((page) => news.some((one) => NEWS_PAGES[one].includes(page)));
}
