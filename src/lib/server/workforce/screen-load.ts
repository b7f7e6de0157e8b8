import type { WorkforceView } from '../../core/workforce/view';
import { isoDay } from '../platform/clock';
import { withErrorPage } from '../platform/http/error-responses';
import { signedIn } from '../platform/signed-in';
import { readFigures } from './current-figures';
import { GROUPED_BY, type ScreenName } from './screen-list';
import { readView } from './view';

/** What a request contains. */
interface Asked {
	readonly locals: App.Locals;
	readonly url: URL;
}

/** The view of a request, as far as the user may see it. */
export const viewOf = ({ locals, url }: Asked): Promise<WorkforceView> =>
	readView(locals.db, signedIn(locals), url.searchParams, isoDay(locals.now, locals.timeZone));

/** Loads a workforce page: the view in the URL, by what the screen can group people, its figures, and when they were counted. */
export const screenLoad =
	<N extends ScreenName>(name: N) =>
	(asked: Asked) =>
		withErrorPage(async () => {
			const view = await viewOf(asked);
			const { figures, countedAt } = await readFigures(asked.locals, name, view);
			return { view: { ...view, countedAt }, dimensions: GROUPED_BY[name] ?? [], ...figures };
		});
