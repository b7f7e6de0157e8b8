import { unknownPlaceholders } from '../../core/platform/sending';
import { filledFields, firstNameOf } from '../../core/platform/sending/own-texts';
import { requirePermission } from '../platform/access/require-permission';
import type { Actor } from '../platform/actor';
import { idempotencyKeyFor } from '../platform/acts/desk-act';
import { isAnyOf } from '../platform/db/is-any-of';
import { schema, type Db } from '../platform/db/client';
import { inTransaction } from '../platform/db/transaction';
import { DomainError } from '../platform/domain-error';
import { writeToPerson } from './messages';

const { people } = schema;

const FIELDS = ['{name}'];

/** A message to several people. */
interface MessageToMany {
	readonly personIds: readonly string[];
	/** With `{name}` where each is addressed by their first name. */
	readonly text: string;
	/** Made by the page: sent twice, it is one act. */
	readonly key: string;
}

/**
 * Writes to several people, each by their own name: to all of them or to none.
 * @returns their number
 * @throws DomainError where the text has a field that would go out as typed
 */
export async function writeToMany(
	db: Db,
	actor: Actor,
	{ personIds, text, key }: MessageToMany,
	now: Date
): Promise<number> {
	requirePermission(actor, 'messages:write');
	const unknown = unknownPlaceholders(text, FIELDS);
	if (unknown.length > 0)
		throw new DomainError('invalid', { code: 'unknownFields', facts: { unknown, known: FIELDS } }, '/text');
	// In a fixed order, so that two of these at once wait for each other, never in a circle.
	const ids = [...new Set(personIds)].sort();
	const rows = await db
		.select({ id: people.id, name: people.name })
		.from(people)
		.where(isAnyOf(people.id, ids));
	const names = new Map(rows.map(({ id, name }) => [id, firstNameOf(name)]));
	await inTransaction(db, async (tx) => {
		for (const personId of ids) {
			const words = filledFields(text, { name: names.get(personId) ?? '' });
			const input = { personId, text: words, key: idempotencyKeyFor(key, personId), batch: key };
			await writeToPerson(tx, actor, input, now);
		}
	});
	return ids.length;
}
