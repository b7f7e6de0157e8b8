import { BREAK_SCHEDULES } from '../../core/breaks/break-schedules';
import { Type } from 'typebox';
import { QUESTIONNAIRE_MODES } from '../../core/questionnaire/answers/fields';
import { acceptedDay } from '../../core/platform/calendar/civil-date';
import { CHECK_IDS, type CheckId } from '../../core/workstation/checks/check-values';
import { CONTACT_NEXT_STEPS, CONTACT_RESULTS, CONTACT_WAYS, LOOK_RESULTS } from '../../core/cases/contact';
import { SITTING_STYLES } from '../../core/workstation/corner/vocabulary';
import { CURRENCIES, REQUEST_STATES } from '../../core/plan/equipment';
import { equipmentItem } from '../plan/equipment/item-field';
import { HAZARDS } from '../../core/questionnaire/checklist/hazards';
import { OWN_ID_PATTERN } from '../../core/questionnaire/checklist/own-ids';
import type { FindingId } from '../../core/questionnaire/checklist/findings';
import { CLOSABLE, type Closable } from '../../core/cases/case-assessment/vocabulary';
import type { NewContact } from './contacts/record-contact';
import { CONSENT_WAYS } from '../../core/cases/referral/consent';
import { FOLLOW_UP_KINDS } from '../../core/cases/triage/follow-up-kinds';
import { DomainError } from '../platform/domain-error';
import { day, text, uuid, version } from '../platform/http/fields';
import { formReader, formReaderOf } from '../platform/http/read-body';
import { PERSON_FIELDS } from '../../core/people/person-fields';
import type { PersonDetails } from '../people/person-details';
import { MAX_MESSAGE_CHARS } from './messages';
import { MAX_NOTE_CHARS } from './notes';

const optional = Type.Optional;
const act = { key: uuid, version };

/** An act that depends on nothing but the case as seen. */
export const readVersioned = formReader(act);

/** A further self-assessment. */
export const readSend = formReader({ ...act, sittingStyle: optional(Type.Enum(SITTING_STYLES)) });

/** A new day for a follow-up. */
export const readFollowUp = formReader({
	...act,
	kind: Type.Enum(FOLLOW_UP_KINDS),
	due: day,
	reason: optional(text(300))
});

/** The result of a follow-up, and the next one. */
export const readFinishFollowUp = formReader({
	...act,
	outcome: text(300),
	due: optional(day),
	reason: optional(text(300))
});

/** The coordinator assigned to a person; empty for nobody. */
export const readOwnerForm = formReader({ ...act, owner: optional(uuid) });

/** How a person is assessed and asked; empty for the round's setting or the default. */
export const readSetUp = formReader({
	...act,
	sittingStyle: optional(Type.Enum(['', ...SITTING_STYLES])),
	questionnaireMode: optional(Type.Enum(['', ...QUESTIONNAIRE_MODES])),
	breakSchedule: optional(Type.Enum(['', ...BREAK_SCHEDULES]))
});

/** Until when a case is postponed, and why; without a day, the postponement ends. */
export const readPostpone = formReader({ ...act, until: optional(day), reason: optional(text(200)) });

/** Why a case is marked as done. */
export const readSettle = formReader({ ...act, reason: optional(text(300)) });

export const readMessage = formReader({ key: uuid, text: text(MAX_MESSAGE_CHARS) });

export const readNote = formReader({
	key: uuid,
	text: text(MAX_NOTE_CHARS),
	isKeptBack: Type.Optional(Type.Literal('yes'))
});

/** The referral: an account, or the recipient of a printed letter. */
export const readRefer = formReader({
	...act,
	clinician: optional(uuid),
	toName: optional(text(120)),
	question: text(2000),
	consentHow: optional(Type.Enum(CONSENT_WAYS)),
	answerBy: optional(day)
});

/** Text about a referral, and which one where the page has several. */
export const readReferralWords = formReader({ key: uuid, text: text(2000), referral: optional(uuid) });

/** The decision on a request. */
export const readEquipment = formReader({
	...act,
	request: uuid,
	to: Type.Enum(REQUEST_STATES),
	reason: optional(text(300)),
	supplier: optional(text(120)),
	orderNumber: optional(text(80)),
	cost: optional(text(20)),
	currency: optional(Type.Enum(CURRENCIES)),
	isReserved: optional(Type.Literal('yes')),
	fromStore: optional(Type.Literal('yes')),
	backBy: optional(day)
});

/** An item that a coordinator requests on a person's behalf. */
export const readEquipmentOrder = formReader({ ...act, thing: equipmentItem });

/** A person's details. */
export const readPerson = formReader({
	version,
	name: PERSON_FIELDS.name,
	email: PERSON_FIELDS.email,
	staffNumber: optional(PERSON_FIELDS.staffNumber),
	team: optional(PERSON_FIELDS.team),
	phone: optional(PERSON_FIELDS.phone),
	country: optional(PERSON_FIELDS.country),
	region: optional(PERSON_FIELDS.region),
	timeZone: optional(PERSON_FIELDS.timeZone),
	language: optional(PERSON_FIELDS.language)
});

/** A person's details, complete. */
export function personDetailsOf(
	form: Partial<PersonDetails> & Pick<PersonDetails, 'name' | 'email'>
): PersonDetails {
	return {
		staffNumber: '',
		team: '',
		phone: '',
		country: '',
		region: '',
		timeZone: '',
		language: 'en',
		...form
	};
}

const closes = Object.fromEntries(
	CLOSABLE.map((one) => [`closes.${one}`, optional(Type.Literal('yes'))])
) as Record<`closes.${Closable}`, ReturnType<typeof optional<ReturnType<typeof Type.Literal<'yes'>>>>>;

const lookField = optional(Type.Enum(['', ...LOOK_RESULTS]));
const saw = Object.fromEntries(CHECK_IDS.map((id) => [`saw.${id}`, lookField])) as Record<
	`saw.${CheckId}`,
	typeof lookField
>;

const contactFields = {
	...act,
	how: Type.Enum(CONTACT_WAYS),
	result: Type.Enum(CONTACT_RESULTS),
	whom: optional(text(120)),
	said: optional(text(2000)),
	next: optional(Type.Enum(['', ...CONTACT_NEXT_STEPS])),
	nextOn: optional(day),
	why: optional(text(300)),
	...closes,
	...saw
};

/** Names of fields that say a hazard is put right: those shipped, and those that an organisation has added. */
const FIXED = 'fixed.';

/** A call or another contact, what it closes, and which hazards the person said are put right. */
export const readContact = formReaderOf(
	Type.Object(contactFields, {
		additionalProperties: false,
		patternProperties: { [`^fixed\\.(?:${HAZARDS.join('|')}|${OWN_ID_PATTERN})$`]: { const: 'yes' } }
	})
);

const findingOf = (name: string) => name.slice(FIXED.length) as FindingId;

export function contactOf(form: Awaited<ReturnType<typeof readContact>>, personId: string): NewContact {
	const { key, version: seen, how, result, whom = '', said = '', next = '', nextOn = '', why = '' } = form;
	return {
		key,
		personId,
		version: Number(seen),
		how,
		result,
		whom,
		said,
		closes: CLOSABLE.filter((one) => form[`closes.${one}`] === 'yes'),
		next: CONTACT_NEXT_STEPS.find((step) => step === next) ?? null,
		nextOn,
		why,
		fixed: Object.keys(form).flatMap((name) => (name.startsWith(FIXED) ? [findingOf(name)] : [])),
		saw: Object.fromEntries(
			CHECK_IDS.flatMap((id) => {
				const seen = LOOK_RESULTS.find((one) => one === form[`saw.${id}`]);
				return seen ? [[id, seen]] : [];
			})
		)
	};
}

/** A date that exists and is not in the past. */
export function requireFutureDay(due: string, today: string): string {
	if (acceptedDay(due) === null) throw new DomainError('invalid', 'noSuchDay', '/due');
	if (due < today) throw new DomainError('invalid', 'dayHasPassed', '/due');
	return due;
}
