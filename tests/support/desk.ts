import { addUser } from '$lib/server/access/add-user';
import type { Actor, Role } from '$lib/server/actor';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { saveAnswers } from '$lib/server/assessments/save-answers';
import { sendAssessment } from '$lib/server/assessments/send-assessment';
import { submitAnswers } from '$lib/server/assessments/submit-answers';
import { Fault, type FaultKind } from '$lib/server/fault';
import { addPerson } from '$lib/server/people/add-person';
import { planHere } from '$lib/server/planning/planning';
import { DEMO_PEOPLE } from '../../seed/people';
import { makeTestDatabase, type TestDatabase } from './database';

/** A user who acts in a test. */
export type TestUser = Actor & { kind: 'user' };

/** The answers of a demo person whose corner is off and whose home can mend it. */
export const MIRELA = DEMO_PEOPLE.find((p) => p.name.startsWith('Mirela'))?.answers ?? {};

/** The kind of fault that a promise ends in. */
export async function faultOf(work: Promise<unknown>): Promise<FaultKind | 'none'> {
	try {
		await work;
		return 'none';
	} catch (error) {
		if (error instanceof Fault) return error.kind;
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
		const { token } = await sendAssessment(this.test.db, this.coordinator, { personId }, at);
		const open = await openAssessment(this.test.db, token, at);
		await saveAnswers(this.test.db, open, answers, at);
		await submitAnswers(this.test.db, open, at, planHere);
		return { token, open: await openAssessment(this.test.db, token, at) };
	}
}
