import { saveSchema } from '../assessments/answer-schema';
import type { Db } from '../../platform/db/client';
import { withJsonError } from '../../platform/http/error-responses';
import { jsonReader } from '../../platform/http/read-body';
import { enterAnswers } from './enter-answers';
import { pointAt } from './steer-shared-session';
import type { SharedSessionParty } from './shared-session-party';
import { pointSchema } from './shared-session-schemas';

const readFields = jsonReader(saveSchema);
const readPoint = jsonReader(pointSchema);

/** The endpoints of one side's board: the answers as saved, saving some of them, and pointing. */
export interface BoardEndpoints<Event> {
	readonly GET: (event: Event) => Promise<Response>;
	readonly PUT: (event: Event) => Promise<Response>;
	readonly POST: (event: Event) => Promise<Response>;
}

/** A request to a board, as far as both sides have it. */
interface BoardRequest {
	readonly request: Request;
	readonly locals: { readonly db: Db; readonly now: Date };
}

/**
 * @param partyOf whose request it is; throws where they are not in an open shared session
 * @param entersAs the same for an entry, which looks itself whether the shared session is open
 */
export function boardEndpoints<E extends BoardRequest>(
	partyOf: (event: E) => Promise<SharedSessionParty>,
	entersAs: (event: E) => Promise<Pick<SharedSessionParty, 'userId' | 'open'>> = partyOf
): BoardEndpoints<E> {
	return {
		GET: (event) =>
			withJsonError(async () => {
				const { assessment } = (await partyOf(event)).open;
				const { answers, answersRevision: revision, savedAt } = assessment;
				return Response.json({ answers, revision, savedAt });
			}),
		PUT: (event) =>
			withJsonError(async () => {
				const { fields } = await readFields(event.request);
				const { db, now } = event.locals;
				return Response.json(await enterAnswers(db, await entersAs(event), fields, now));
			}),
		POST: (event) =>
			withJsonError(async () => {
				const point = await readPoint(event.request);
				const { db, now } = event.locals;
				await pointAt(db, await partyOf(event), point, now);
				return Response.json({});
			})
	};
}
