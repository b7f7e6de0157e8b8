import type { WorkforceView } from '../../core/workforce';
import { isoDay } from '../clock';
import type { Db } from '../db/client';
import { withErrorPage } from '../http/error-responses';
import { signedIn } from '../signed-in';
import { recentFigures } from './recent-figures';
import { readView } from './view';

/** What a request contains. */
interface Asked {
	readonly locals: App.Locals;
	readonly url: URL;
}

/** The view of a request, as far as the user may see it. */
export const viewOf = ({ locals, url }: Asked): Promise<WorkforceView> =>
	readView(locals.db, signedIn(locals), url.searchParams, isoDay(locals.now, locals.timeZone));

/**
 * Loads a workforce page: the view in the URL, with what the page reads for it.
 * @param besides what the page needs besides figures, read anew each time
 */
export const screenLoad =
	<T extends object, B extends object = object>(
		screen: (db: Db, view: WorkforceView) => Promise<T>,
		besides?: (db: Db, view: WorkforceView) => Promise<B>
	) =>
	(asked: Asked) =>
		withErrorPage(async () => {
			const { db, figures: database, now } = asked.locals;
			const view = await viewOf(asked);
			const page = asked.url.pathname;
			const [figures, others] = await Promise.all([
				recentFigures(db, { page, view, now: now.getTime() }, () =>
					database.read((reader) => screen(reader, view))
				),
				besides?.(db, view)
			]);
			return { view, ...figures, ...(others as B) };
		});
