import { mayBePostponed } from '../../core/cases/day-sheet';
import { replyTo } from '../platform/texts/reply-to';
import type { Actor } from '../platform/actor';
import type { Db } from '../platform/db/client';
import { DomainError } from '../platform/domain-error';
import { readPersonPlace } from '../people/lock-person';
import { openReferralOf } from './referrals/open-referral';
import { closableItemsOf, cornerViewOf, openHazardsOf } from './case-page';
import { coordinators, postponeDaysOf, postponeOptionsOf } from './case-owner';
import { readCase } from './read-case';

/** What the day sheet shows about a case beside its list: read as stored; no plan is solved. */
export async function readCaseBrief(db: Db, actor: Actor, personId: string, now: Date) {
	const read = await readCase(db, actor, personId, now);
	const {
		person,
		listed,
		answered,
		checkIns,
		equipment,
		messages,
		notes,
		followUp,
		assessmentResult,
		contacts
	} = read;
	const here = await readPersonPlace(db, personId);
	if (!here) throw new DomainError('not-found', 'personGone');
	const today = here.place.dayOf(now);
	const said = read.referrals.flatMap(({ lines }) => lines.filter(({ isOpen }) => isOpen));
	const all = await coordinators(db);
	const newest = [answered, checkIns[0]].filter((one) => one?.answeredAt && one.discomfort);
	const [latest] = newest.sort((a, b) => Number(b?.answeredAt) - Number(a?.answeredAt));
	return {
		id: person.id,
		name: person.name,
		team: person.team,
		email: person.email,
		phone: person.phone,
		version: listed.version,
		corner: (await cornerViewOf(db, read, personId, now))?.corner ?? null,
		assessmentResult,
		closable: closableItemsOf(assessmentResult),
		hazards: openHazardsOf(assessmentResult),
		owner: all.find(({ id }) => id === person.ownerId) ?? null,
		coordinators: all,
		later: postponeOptionsOf(person, today),
		laterDays: postponeDaysOf(here, now),
		canWait: mayBePostponed({
			level: listed.level,
			hasMessage: messages.some(({ isOpen }) => isOpen) || said.length > 0
		}),
		isReferred: (await openReferralOf(db, personId)) !== null,
		discomfort: latest?.discomfort ?? [],
		equipment: equipment.filter(({ state }) => state === 'asked' || state === 'approved' || state === 'sent'),
		/** Unanswered text from the person, or from a clinician about them, in full: read by a human and interpreted by no tool. */
		unread: [
			...messages.filter(({ isOpen }) => isOpen).map(({ text }) => ({ text, from: null })),
			...said.map(({ text, authorName }) => ({ text, from: authorName }))
		],
		note: notes[0] ?? null,
		contact: contacts[0] ?? null,
		followUp: followUp && { due: followUp.due, reason: followUp.reason, version: followUp.version },
		reply: await replyTo(db, person, assessmentResult)
	};
}
