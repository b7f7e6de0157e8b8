import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';

import { addUser } from '$lib/server/platform/access/add-user';
import type { Actor, Role } from '$lib/server/platform/actor';
import { openAssessment, type OpenAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { FINDING_IDS } from '$lib/core/questionnaire/checklist/findings';
import { newestAnswers } from '$lib/core/cases/case-assessment/case-record';
import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
import { tickFinding } from '$lib/server/cases/findings/tick-finding';
import { loadCaseRecord } from '$lib/server/cases/case-assessments/load-case-record';
import { readPersonPlace } from '$lib/server/people/lock-person';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { recordConsent } from '$lib/server/questionnaire/assessments/record-consent';
import { sendAssessment } from '$lib/server/questionnaire/assessments/send-assessment';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import type { DeskActInput } from '$lib/server/platform/acts/desk-act';
import { recordContact, type NewContact } from '$lib/server/cases/contacts/record-contact';
import { settleCases } from '$lib/server/cases/settle-case';
import { schema, type Db } from '$lib/server/platform/db/client';
import { DomainError, type ErrorKind } from '$lib/server/platform/domain-error';
import { addPerson } from '$lib/server/people/add-person';
import { openFollowUp, setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { newestAssessmentResult } from '$lib/server/cases/case-assessments/newest-assessment-result';
import { planHere } from './planning';
import { DEMO_PEOPLE } from '../../seed/people';
import { NO_SIGNS } from '../../seed/profiles';
import { makeTestDatabase, type TestDatabase } from './database';

/** A user who acts in a test. */
export type TestUser = Actor & { kind: 'user' };

/** The answers of a demo person whose corner is off and whose home can mend it. */
export const MIRELA: Readonly<Record<string, string>> = {
	...NO_SIGNS,
	...DEMO_PEOPLE.find((p) => p.name.startsWith('Mirela'))?.answers,
	// No hazard: what is about one says so.
	'check.strips': 'into-the-wall'
};

/** Ticks every finding of someone's newest answers as done. */
export async function putRight(db: Db, open: OpenAssessment, at: Date): Promise<void> {
	const person = await readPersonPlace(db, open.actor.personId);
	if (!person) throw new Error('A person who has answered is there');
	const { file } = await loadCaseRecord(db, person, at);
	for (const finding of FINDING_IDS)
		if (newestAnswers(file)?.findings?.some(({ id }) => id === finding))
			await tickFinding(db, open, { finding, how: 'done' }, at);
}

/** The same where nothing hurts. */
export const PAINLESS = Object.fromEntries(
	Object.entries(MIRELA).filter(([name]) => !name.startsWith('pain.'))
);

/** The kind of fault that a promise ends in. */
export async function faultOf(work: Promise<unknown>): Promise<ErrorKind | 'none'> {
	try {
		await work;
		return 'none';
	} catch (error) {
		if (error instanceof DomainError) return error.kind;
		throw error;
	}
}

/** A database with accounts of every role, and quick ways to people and their answers. */
export class Desk {
	private count = 0;

	private constructor(
		readonly test: TestDatabase,
		readonly coordinator: TestUser,
		readonly second: TestUser,
		readonly clinician: TestUser,
		readonly reader: TestUser,
		readonly now: Date
	) {}

	/** @param now the moment at which everything is done that is told no other */
	static async make(now: Date): Promise<Desk> {
		const test = await makeTestDatabase();
		const user = async (name: string, role: Role): Promise<TestUser> => {
			const id = await addUser(test.db, {
				email: `${name}@example.org`,
				name,
				role,
				password: 'long enough pass'
			});
			return { kind: 'user', id, name, role };
		};
		return new Desk(
			test,
			await user('one', 'coordinator'),
			await user('two', 'coordinator'),
			await user('clinic', 'clinician'),
			await user('reader', 'reader'),
			now
		);
	}

	/** So many minutes after {@link now}. */
	later(minutes: number): Date {
		return new Date(this.now.getTime() + minutes * 60_000);
	}

	/** Adds a person with a name of their own. */
	async person(over: { email?: string; team?: string } = {}): Promise<string> {
		this.count += 1;
		const email = over.email ?? `p${this.count}@example.org`;
		return addPerson(
			this.test.db,
			this.coordinator,
			{ name: `Person ${this.count}`, email, team: over.team ?? 'T' },
			this.now
		);
	}

	/** Adds a person, sends them a self-assessment and answers it. */
	async answered(answers: Readonly<Record<string, string>> = MIRELA, at = this.now) {
		const personId = await this.person();
		return { personId, ...(await this.answer(personId, answers, at)) };
	}

	/** Sends a person a self-assessment and answers it. */
	async answer(personId: string, answers: Readonly<Record<string, string>> = MIRELA, at = this.now) {
		const { token } = await this.send(personId, at);
		const open = await openAssessment(this.test.db, token);
		await recordConsent(this.test.db, open, at);
		await saveAnswers(this.test.db, open, answers, at);
		const submitted = await submitAnswers(this.test.db, open, at, planHere);
		return { token, submitted, open: await openAssessment(this.test.db, token) };
	}

	/** Sends a person a self-assessment. */
	async send(personId: string, at = this.now) {
		const sent = await sendAssessment(this.test.db, this.coordinator, { ...act(personId) }, at);
		if (!sent) throw new Error('a new key is a new act');
		return sent;
	}

	/** The case as the list keeps it. */
	async listed(personId: string) {
		const { cases } = schema;
		const [row] = await this.test.db.select().from(cases).where(eq(cases.personId, personId));
		if (!row) throw new Error('everybody has a case');
		return row;
	}

	/** The newest assessment result of a person. */
	async judged(personId: string): Promise<AssessmentResult> {
		const assessmentResult = await newestAssessmentResult(this.test.db, personId);
		if (!assessmentResult) throw new Error('nothing is judged of a person without anything');
		return assessmentResult;
	}

	/** The version of a person's open look, as a form that shows it brings it along; 0 where none is open. */
	async lookVersion(personId: string): Promise<number> {
		return (await openFollowUp(this.test.db, personId, 'look'))?.version ?? 0;
	}

	/** Sets the day of the next look. */
	follow(
		personId: string,
		look: { due: string; reason: string; seen: number },
		actor: Actor = this.coordinator
	) {
		return setFollowUp(this.test.db, actor, { ...act(personId), kind: 'look', ...look }, this.now);
	}

	/** Settles cases as a press of the day sheet does. */
	settle(personIds: readonly string[], at: Date, actor: Actor = this.coordinator) {
		return settleCases(this.test.db, actor, { personIds, key: randomUUID() }, at);
	}

	/** Records that a person was called and what came of it. */
	async reach(personId: string, over: Partial<NewContact>, at: Date): Promise<string> {
		const input = { ...act(personId), ...CALLED, ...over };
		await recordContact(this.test.db, this.coordinator, input, at);
		return input.key;
	}
}

export const CALLED = {
	how: 'phone',
	result: 'reached',
	whom: '',
	said: 'Spoke about it',
	closes: [],
	fixed: [],
	next: 'nothing',
	nextOn: '',
	why: 'Gone since last week',
	saw: {}
} as const;

/** What every act of the desk begins with: a key of its own, and no version unless one was seen. */
export function act(personId: string, version: number | null = null): DeskActInput {
	return { key: randomUUID(), personId, version };
}
