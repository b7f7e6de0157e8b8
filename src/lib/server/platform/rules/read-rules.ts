import { sql } from 'drizzle-orm';
import { rulesVersionOf, SHIPPED_RULES, type Rules } from '../../../core/platform/rules/shipped-rules';
import {
	completeSettings,
	policyFrom,
	policySettingsOf,
	type PolicySettings
} from '../../../core/cases/triage/policy-settings';
import { schema, type Db } from '../db/client';
import { newestVersion } from '../organisation-settings/read-settings';

const { triagePolicies } = schema;

/** Versions up to this one are the software's; the organisation's own are counted from here. */
const OWN_FROM = 1000;

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

/** The number of a stored version, as people read it. */
export const ownVersionOf = (version: number): number => version - OWN_FROM;

/** The stored version of a number that people read. */
export const storedVersionOf = (ownVersion: number): number => OWN_FROM + ownVersion;

/** The rules in force. Two key look-ups in one statement; within a transaction, those it began with or newer. */
export async function readRules(db: Db): Promise<RulesInForce> {
	const [row] = await db
		.select({
			/** Null where nothing was published. */
			policy: sql<{ version: number; settings: PolicySettings } | null>`(
				select jsonb_build_object('version', p.version, 'settings', p.settings) from ${triagePolicies} p
				order by p.version desc limit 1)`,
			daysOffVersion: newestVersion('days-off')
		})
		.from(sql`(select) as one_row`);
	const daysOffVersion = row?.daysOffVersion ?? 0;
	return row?.policy
		? rulesWith(completeSettings(row.policy.settings), ownVersionOf(row.policy.version), daysOffVersion)
		: named({ ...SHIPPED_RULES, daysOffVersion }, 0);
}

/** The settings of the rules in force. */
export const settingsInForce = async (db: Db): Promise<PolicySettings> =>
	policySettingsOf((await readRules(db)).rules.policy);
