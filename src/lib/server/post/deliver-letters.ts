import { and, asc, eq, inArray, lte, sql } from 'drizzle-orm';
import { messagesFor } from '../../messages';
import { schema, type Db } from '../db/client';
import { refreshCase } from '../cases/refresh-case';
import { tellChange } from '../live/changes';
import { letterHtml, letterText } from './letter-html';
import { PostFault, type Postman } from './postman';

const { letters, people, roundPeople } = schema;

/** Letters taken out of the queue at once: few, so that little is repeated after a crash. */
const BATCH = 20;

/** Minutes until the next try, by how many were made; after the last the letter counts as failed. Ours. */
const BACK_OFF_MINUTES = [1, 5, 15, 60, 240, 720] as const;

/** What became of a batch. */
export interface Delivered {
	readonly delivered: number;
	readonly refused: number;
}

/** The id of a letter's message, for ever the same. */
export function messageIdOf(letterId: string): string {
	return `<${letterId}@easy-corner>`;
}

/**
 * Delivers the letters that wait, oldest first. Several processes may do so at once: each locks what it takes
 * (`skip locked`), and a lock ends with the process that held it. A process that dies after a letter was handed over and
 * before that was noted leaves it waiting, and it goes out again under the same message id: never lost, and known as one.
 *
 * @param origin address of the program, for links
 * @returns when nothing waits any more
 */
export async function deliverLetters(
	db: Db,
	postman: Postman,
	origin: string,
	clock: () => Date
): Promise<Delivered> {
	let [delivered, refused] = [0, 0];
	for (;;) {
		const done = await deliverBatch(db, postman, origin, clock);
		delivered += done.delivered;
		refused += done.refused;
		if (done.delivered + done.refused === 0) return { delivered, refused };
	}
}

async function deliverBatch(db: Db, postman: Postman, origin: string, clock: () => Date): Promise<Delivered> {
	return db.transaction(async (tx) => {
		const batch = await tx
			.select()
			.from(letters)
			.where(and(eq(letters.state, 'waiting'), lte(letters.nextTryAt, clock())))
			.orderBy(asc(letters.nextTryAt))
			.limit(BATCH)
			// Leaves the key alone: the stand-in refers to the letter from a connection of its own.
			.for('no key update', { skipLocked: true });
		const taken: string[] = [];
		const bounced: string[] = [];
		for (const letter of batch) {
			const words = messagesFor('en').letter.button;
			const link = letter.linkPath ? { words, address: `${origin}${letter.linkPath}` } : null;
			try {
				await postman.deliver({
					letterId: letter.id,
					messageId: messageIdOf(letter.id),
					toName: letter.toName,
					toEmail: letter.toEmail,
					subject: letter.subject,
					text: letterText(letter, link),
					html: letterHtml(letter, link)
				});
				taken.push(letter.id);
			} catch (error) {
				if (!(error instanceof PostFault)) throw error;
				await noteRefusal(tx, letter, error, clock());
				if (error.isFinal && letter.personId) bounced.push(letter.personId);
			}
		}
		if (taken.length > 0)
			await tx
				.update(letters)
				.set({ state: 'delivered', deliveredAt: clock(), tries: sql`${letters.tries} + 1`, fault: '' })
				.where(inArray(letters.id, taken));
		for (const personId of bounced) await noteBounce(tx, personId, clock());
		return { delivered: taken.length, refused: batch.length - taken.length };
	});
}

async function noteRefusal(
	tx: Db,
	letter: typeof letters.$inferSelect,
	{ message, isFinal }: PostFault,
	now: Date
): Promise<void> {
	const wait = BACK_OFF_MINUTES[letter.tries];
	const state = isFinal ? 'bounced' : wait === undefined ? 'failed' : 'waiting';
	await tx
		.update(letters)
		.set({
			state,
			tries: letter.tries + 1,
			fault: message,
			nextTryAt: new Date(now.getTime() + (wait ?? 0) * 60_000)
		})
		.where(eq(letters.id, letter.id));
}

/** An address that does not exist: nobody is reminded there, and the coordinator sees it with the person. */
async function noteBounce(tx: Db, personId: string, now: Date): Promise<void> {
	await tx.update(people).set({ bouncedAt: now }).where(eq(people.id, personId));
	const changed = await tx
		.update(roundPeople)
		.set({ state: 'bounced', remindOn: null })
		.where(and(eq(roundPeople.personId, personId), eq(roundPeople.state, 'sent')))
		.returning({ roundId: roundPeople.roundId });
	for (const { roundId } of changed) await tellChange(tx, `round:${roundId}`);
	await refreshCase(tx, personId, now);
}
