import { Type, type TSchema } from 'typebox';
import type { Checked } from '../../platform/issue';
import { compileSchema } from '../../platform/schema/compile-schema';
import {
	POLICY_FIELD_NAMES,
	policyFaults,
	policyFieldRule,
	type PolicyField,
	type PolicySettings
} from './policy-settings';

/** Name of the file format in which settings of the triage policy go from one installation to another. */
export const POLICY_FORMAT = 'easy-corner.triage-policy/1';

/** Settings of the triage policy as a file. */
export interface PolicyDocument {
	readonly format: typeof POLICY_FORMAT;
	readonly settings: PolicySettings;
}

function schemaOf(field: PolicyField): TSchema {
	const { least, most, list } = policyFieldRule(field);
	const number = Type.Integer({ minimum: least, maximum: most });
	return list ? Type.Array(number, { minItems: list.fewest, maxItems: list.longest }) : number;
}

/** Schema of {@link PolicyDocument}; `policyFaults` finds what a schema can't express. */
const policyDocumentSchema = Type.Object(
	{
		format: Type.Literal(POLICY_FORMAT),
		settings: Type.Object(Object.fromEntries(POLICY_FIELD_NAMES.map((field) => [field, schemaOf(field)])), {
			additionalProperties: false
		})
	},
	{ additionalProperties: false }
);

const check = compileSchema<PolicyDocument>(policyDocumentSchema);

/** Checks a document of settings from outside, with its first fault where it can't be used. */
export function validatePolicyDocument(value: unknown): Checked<PolicyDocument> {
	const checked = check(value);
	if (!checked.ok) return checked;
	const [fault] = policyFaults(checked.value.settings);
	if (!fault) return checked;
	const at = `/settings/${fault.field}`;
	const text =
		'other' in fault
			? `${at} must be ${fault.fault === 'below' ? 'less than' : 'at most'} ${fault.other}`
			: `${at} must be an ascending list within its limits`;
	return { ok: false, issue: { code: fault.fault, at, text } };
}
