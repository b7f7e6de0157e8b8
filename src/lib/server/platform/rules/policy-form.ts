import { Type } from 'typebox';
import { VERSION_NOTE_LENGTH } from '../../../core/platform/version-note';
import {
	policyFieldRule,
	POLICY_FIELD_NAMES,
	type PolicyField,
	type PolicySettings
} from '../../../core/cases/triage/policy-settings';
import { POLICY_FORMAT, validatePolicyDocument } from '../../../core/cases/triage/policy-document';
import { DomainError } from '../domain-error';
import { text, version } from '../http/fields';
import { formReader } from '../http/read-body';

/** What a person can type for a setting: a number, or several with commas between them. */
const typed = Type.String({ maxLength: 60 });

const readFields = formReader({
	...Object.fromEntries(POLICY_FIELD_NAMES.map((field) => [field, typed])),
	seen: version,
	note: text(VERSION_NOTE_LENGTH)
});

/** What isn't a whole number becomes one that no limit allows: the limits say what is wanted. */
const numberOf = (value: string) => (/^\d{1,6}$/.test(value.trim()) ? Number(value) : -1);

/**
 * Reads the form of settings.
 * @returns the settings as typed, not checked against the limits; the version that the page showed; and the note
 */
export async function readPolicyForm(request: Request) {
	const fields = (await readFields(request)) as Readonly<Record<string, string>>;
	const settings = Object.fromEntries(
		POLICY_FIELD_NAMES.map((field) => {
			const value = fields[field] ?? '';
			return [field, policyFieldRule(field).list ? value.split(',').map(numberOf) : numberOf(value)];
		})
	) as Readonly<Record<PolicyField, unknown>> as PolicySettings;
	return { settings, seen: Number(fields.seen), note: fields.note ?? '' };
}

export const readPolicyFile = formReader({ file: text(50_000) });

/** @throws DomainError saying where the file can't be used */
export function settingsOfFile(file: string): PolicySettings {
	let document: unknown;
	try {
		document = JSON.parse(file.replace(/^\uFEFF/, ''));
	} catch {
		throw new DomainError('invalid', 'policyNotJson', '/file');
	}
	const checked = validatePolicyDocument(document);
	if (!checked.ok)
		throw new DomainError('invalid', { code: 'policyFile', facts: { why: checked.issue.text } }, '/file');
	return checked.value.settings;
}

export const policyFile = (settings: PolicySettings): string =>
	`${JSON.stringify({ format: POLICY_FORMAT, settings }, null, '\t')}\n`;
