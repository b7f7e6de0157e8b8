import type { WorkforceView } from '../../core/workforce';
import { isoDay } from '../clock';
import type { Db } from '../db/client';
import { withErrorPage } from '../http/error-responses';
import { signedIn } from '../signed-in';
import { readView } from './view';

/** What a request contains. */
interface Asked {
	readonly locals: App.Locals;
	readonly url: URL;
}

/** The view of a request, as far as the user may see it. */
export const viewOf = ({ locals, url }: Asked): Promise<WorkforceView> =>
	readView(locals.db, signedIn(locals), url.searchParams, isoDay(locals.now, locals.timeZone));

/** Loads a workforce page: the view in the URL, with what the page reads for it. */
export const screenLoad =
	<T extends object>(screen: (db: Db, view: WorkforceView) => Promise<T>) =>
	(asked: Asked) =>
		withErrorPage(async () => {
			const view = await viewOf(asked);
			return { view, ...(await screen(asked.locals.db, view)) };
		});
