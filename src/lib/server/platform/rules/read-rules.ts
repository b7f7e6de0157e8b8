import { sql } from 'drizzle-orm';
import { rulesVersionOf, SHIPPED_RULES, type Rules } from '../../../core/platform/rules/shipped-rules';
import {
	completeSettings,
	policyFrom,
	policySettingsOf,
	type PolicySettings
} from '../../../core/cases/triage/policy-settings';
import type { Db } from '../db/client';
import { settingsSubject } from '../organisation-settings/read-settings';
import type { PublishedSubject } from '../versions/published-subject';
import { newestAsColumn } from '../versions/read-versions';

/** Versions up to this one are the software's; the organisation's own are counted from here. */
const OWN_FROM = 1000;

/** The organisation's settings of the policy, as they are published. */
export const POLICY: PublishedSubject<PolicySettings> = {
	key: 'policy',
	base: OWN_FROM,
	published: 'policy-published',
	discarded: null,
	detail: {},
	conflict: 'policyChanged',
	read: (content) => completeSettings((content ?? {}) as Partial<PolicySettings>)
};

/** The rules that apply now, with the name under which a case is assessed by them. */
export interface RulesInForce {
	readonly rules: Rules;
	/** As `rulesVersionOf` names them. */
	readonly name: string;
	/** The organisation's number of its settings; 0 while they are those that the software comes with. */
	readonly ownVersion: number;
}

/** The rules with settings of the organisation. */
export function rulesWith(
	settings: PolicySettings,
	ownVersion: number,
	daysOffVersion: number
): RulesInForce {
	const policy = policyFrom(settings, OWN_FROM + ownVersion);
	return named({ ...SHIPPED_RULES, policy, daysOffVersion }, ownVersion);
}

const named = (rules: Rules, ownVersion: number): RulesInForce => ({
	rules,
	name: rulesVersionOf(rules),
	ownVersion
});

/** The rules in force. Two key look-ups in one statement; within a transaction, those it began with or newer. */
export async function readRules(db: Db): Promise<RulesInForce> {
	const [row] = await db
		.select({
			policy: newestAsColumn(POLICY),
			daysOff: newestAsColumn(settingsSubject('days-off'))
		})
		.from(sql`(select) as one_row`);
	const daysOffVersion = row?.daysOff?.version ?? 0;
	return row?.policy
		? rulesWith(POLICY.read(row.policy.content), row.policy.version - OWN_FROM, daysOffVersion)
		: named({ ...SHIPPED_RULES, daysOffVersion }, 0);
}

export const settingsInForce = async (db: Db): Promise<PolicySettings> =>
	policySettingsOf((await readRules(db)).rules.policy);
