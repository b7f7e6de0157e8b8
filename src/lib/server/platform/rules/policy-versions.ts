import {
	policyChanges,
	policyFaults,
	policyFieldRule,
	policySettingsOf,
	SHIPPED_SETTINGS,
	type PolicySettings
} from '../../../core/cases/triage/policy-settings';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import type { Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { publishVersion } from '../versions/publish-version';
import { versionAt, versionList } from '../versions/read-versions';
import { POLICY, readRules } from './read-rules';
import { queueJob } from '../jobs/queue-job';

/**
 * Settings of a version, to start from or for a file: 0 are those that the software comes with.
 * @throws DomainError where there is no such version
 */
export async function policySettingsAt(db: Db, actor: Actor, version: number): Promise<PolicySettings> {
	requirePermission(actor, 'settings:change');
	if (version === 0) return SHIPPED_SETTINGS;
	const settings = await versionAt(db, POLICY, POLICY.base + version);
	if (!settings) throw new DomainError('not-found', 'noPolicyVersion');
	return settings;
}

/**
 * The settings in force, those to start from, and every version so far.
 * @param from a version whose settings the form starts with; null for those in force
 */
export async function policyPage(db: Db, actor: Actor, from: number | null) {
	requirePermission(actor, 'settings:change');
	const { rules, ownVersion } = await readRules(db);
	const inForce = policySettingsOf(rules.policy);
	return {
		inForce,
		version: ownVersion,
		from,
		start: from === null ? inForce : await policySettingsAt(db, actor, from),
		versions: await versionList(db, POLICY, policyChanges)
	};
}

/** @throws DomainError naming the first setting that can't be used, and why */
export function requireUsablePolicy(settings: PolicySettings): void {
	const [fault] = policyFaults(settings);
	if (!fault) return;
	const at = `/${fault.field}`;
	if ('other' in fault) {
		const { field, other } = fault;
		const code = fault.fault === 'below' ? 'policyBelow' : 'policyAtMost';
		throw new DomainError('invalid', { code, facts: { field, other } }, at);
	}
	const { least, most, list } = policyFieldRule(fault.field);
	throw new DomainError(
		'invalid',
		list
			? { code: 'policyList', facts: { field: fault.field, least, most, ...list } }
			: { code: 'policyLimits', facts: { field: fault.field, least, most } },
		at
	);
}

/**
 * Publishes settings: in force from now on. Every case is assessed again by the queue; emails that fall due by that alone wait until a
 * coordinator releases them, and what already has its day keeps it.
 * @param input with the version that the page showed as in force
 * @throws DomainError where a setting can't be used, nothing is different, or a colleague has published in the meantime
 */
export async function publishPolicy(
	db: Db,
	actor: Actor,
	input: { readonly settings: PolicySettings; readonly note: string; readonly seen: number },
	now: Date
): Promise<number> {
	requirePermission(actor, 'settings:change');
	requireUsablePolicy(input.settings);
	return inTransaction(db, async (tx) => {
		const { rules, ownVersion } = await readRules(tx);
		if (ownVersion !== input.seen) throw new DomainError('conflict', 'policyChanged');
		if (policyChanges(policySettingsOf(rules.policy), input.settings).length === 0)
			throw new DomainError('invalid', 'policySame');
		const { settings: content, note } = input;
		const seen = POLICY.base + ownVersion;
		const version = await publishVersion(tx, actor, POLICY, { content, note, seen }, now);
		await queueJob(tx, 'reassessment');
		return version;
	});
}
