import { isNotNull } from 'drizzle-orm';
import type { AssessmentResult, TriageReason } from '../../../core/cases/case-assessment/assessment-result';
import { isMoreUrgent, type TriageLevel } from '../../../core/cases/triage/policy';
import {
	sumPolicyEffects,
	type PolicyEffect,
	type PolicyEffects
} from '../../../core/cases/triage/policy-effect';
import type { PolicySettings } from '../../../core/cases/triage/policy-settings';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { recordRead } from '../audit/record-read';
import { assessmentResultOf } from '../../cases/case-assessments/reassess-cases';
import { loadCaseRecords, type LoadedCaseRecord } from '../../cases/case-assessments/load-case-record';
import { schema, type Db } from '../db/client';
import { readPeoplePlaces, type LockedPerson } from '../../people/lock-person';
import { yieldToEventLoop } from '../yield-to-event-loop';
import { requireUsablePolicy } from './policy-versions';
import { readRules, rulesWith } from './read-rules';

const { cases } = schema;

/** Most cases looked at before what was seen stands for the rest: a number and not a time, so that a busy server shows the same. */
const MOST_LOOKED_AT = 4000;

/** Cases read at a time. */
const BATCH = 100;

/** The list of people whose level would change, as named in the audit log. */
const MOVED_LIST = 'levels that would change';

/** Most people listed by name; those whose level rises come first. */
const MOST_LISTED = 200;

/** A person whose level would change, with the reason that gives the new one. */
interface MovedPerson {
	readonly personId: string;
	readonly name: string;
	readonly from: TriageLevel;
	readonly to: TriageLevel;
	readonly reason: TriageReason;
	/** What the reason's words rest on. */
	readonly grounds: Pick<AssessmentResult, 'evidence' | 'unclosable'>;
}

/** What new rules or days would do. */
export interface RulesPreview extends PolicyEffects {
	/** At most {@link MOST_LISTED} of those looked at. */
	readonly people: readonly MovedPerson[];
}

/** The same numbers in random order (Fisher and Yates, in Durstenfeld's form). */
function shuffled<T>(items: readonly T[]): T[] {
	const mixed = [...items];
	for (let i = mixed.length - 1; i > 0; i -= 1) {
		const j = Math.floor(Math.random() * (i + 1));
		[mixed[i], mixed[j]] = [mixed[j] as T, mixed[i] as T];
	}
	return mixed;
}

/**
 * What settings would do if they were published now. Cost: as {@link previewAssessments}.
 * @throws DomainError where a setting can't be used
 */
export async function previewPolicy(
	db: Db,
	actor: Actor,
	settings: PolicySettings,
	now: Date,
	most = MOST_LOOKED_AT
): Promise<RulesPreview> {
	requirePermission(actor, 'settings:change');
	requireUsablePolicy(settings);
	const { rules, ownVersion } = await readRules(db);
	const proposed = rulesWith(settings, ownVersion + 1, rules.daysOffVersion);
	const withPolicy = (read: LoadedCaseRecord, person: LockedPerson) =>
		assessmentResultOf(read, person, proposed.rules);
	return previewAssessments(db, actor, withPolicy, now, most);
}

/**
 * What other rules or other days would do: each case is assessed as it is now and as proposed, from the same record. No plan is solved,
 * since none depends on either. Exact up to {@link MOST_LOOKED_AT} cases; of more, as many are drawn at random, and what is said of all has
 * its range. Nothing is stored. Cost: nine index reads per hundred cases looked at.
 * @param proposed assesses a case as it would be
 */
export async function previewAssessments(
	db: Db,
	actor: Actor,
	proposed: (read: LoadedCaseRecord, person: LockedPerson) => AssessmentResult,
	now: Date,
	most = MOST_LOOKED_AT
): Promise<RulesPreview> {
	const inForce = await readRules(db);
	const all = await db
		.select({ personId: cases.personId })
		.from(cases)
		.where(isNotNull(cases.assessmentResultId));
	const ids = shuffled(all.map(({ personId }) => personId)).slice(0, most);
	const effects: PolicyEffect[] = [];
	const moved: MovedPerson[] = [];
	for (let at = 0; at < ids.length; at += BATCH) {
		const people = await readPeoplePlaces(db, ids.slice(at, at + BATCH));
		for (const { person, read } of await loadCaseRecords(db, people, now)) {
			const before = assessmentResultOf(read, person, inForce.rules);
			const after = proposed(read, person);
			effects.push(effectOf(before, after));
			const [reason] = after.reasons;
			if (before.level === after.level || !reason) continue;
			const { id: personId, name } = person;
			const { evidence, unclosable } = after;
			moved.push({
				personId,
				name,
				from: before.level,
				to: after.level,
				reason,
				grounds: { evidence, unclosable }
			});
		}
		await yieldToEventLoop();
	}
	// Without those who were erased in the meantime.
	const of = all.length - (ids.length - effects.length);
	if (moved.length > 0 && actor.kind === 'user')
		await recordRead(db, actor, { act: 'list-read', list: MOVED_LIST }, now);
	return { ...sumPolicyEffects(effects, of), people: moved.sort(byUrgency).slice(0, MOST_LISTED) };
}

const isSooner = (after: string | null, before: string | null) =>
	after !== null && (before === null || after < before);

function effectOf(before: AssessmentResult, after: AssessmentResult): PolicyEffect {
	return {
		from: before.level,
		to: after.level,
		hasOtherDay:
			before.actBy !== after.actBy || before.checkIn !== after.checkIn || before.recheck !== after.recheck,
		isAskedSooner: isSooner(after.checkIn, before.checkIn) || isSooner(after.recheck, before.recheck)
	};
}

/** Those whose level rises first, the most urgent at the top; then by name. */
function byUrgency(a: MovedPerson, b: MovedPerson): number {
	const rises = ({ from, to }: MovedPerson) => isMoreUrgent(to, from);
	if (rises(a) !== rises(b)) return rises(a) ? -1 : 1;
	if (a.to !== b.to) return isMoreUrgent(a.to, b.to) ? -1 : 1;
	return a.name < b.name ? -1 : 1;
}
