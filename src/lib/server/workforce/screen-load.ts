import type { WorkforceView } from '../../core/workforce';
import { isoDay } from '../clock';
import type { Db } from '../db/client';
import { withErrorPage } from '../http/error-responses';
import { signedIn } from '../signed-in';
import { readView } from './view';

/** What a request is asked with. */
interface Asked {
	readonly locals: App.Locals;
	readonly url: URL;
}

/** The view of a request, as far as who asks may see it. */
export const viewOf = ({ locals, url }: Asked): Promise<WorkforceView> =>
	readView(locals.db, signedIn(locals), url.searchParams, isoDay(locals.now, locals.config.timeZone));

/** Loads a screen of the workforce: the view of the address, with what the screen reads in it. */
export const screenLoad =
	<T extends object>(screen: (db: Db, view: WorkforceView) => Promise<T>) =>
	(asked: Asked) =>
		withErrorPage(async () => {
			const view = await viewOf(asked);
			return { view, ...(await screen(asked.locals.db, view)) };
		});
