import type { SettingsArea, SettingsByArea } from '../../../core/platform/organisation-settings/areas';
import { VERSION_NOTE_LENGTH } from '../../../core/platform/version-note';
import {
	settingsFormat,
	validateSettings,
	validateSettingsFile
} from '../../../core/platform/organisation-settings/settings-document';
import { DomainError } from '../domain-error';
import { text, version } from '../http/fields';
import { formReader } from '../http/read-body';

/** Most characters of an area's settings as a document. */
const MOST_CHARACTERS = 400_000;

const readFields = formReader({
	settings: text(MOST_CHARACTERS),
	seen: version,
	note: text(VERSION_NOTE_LENGTH)
});

const readFileField = formReader({ file: text(MOST_CHARACTERS) });

function parsed(json: string, at: string): unknown {
	try {
		return JSON.parse(json.replace(/^\uFEFF/, ''));
	} catch {
		throw new DomainError('invalid', 'policyNotJson', at);
	}
}

/**
 * Reads the form of an area's settings: a document that the page writes.
 * @throws DomainError saying where it can't be used
 */
export async function readSettingsForm<A extends SettingsArea>(request: Request, area: A) {
	const { settings, seen, note } = await readFields(request);
	const checked = validateSettings(area, parsed(settings, '/settings'));
	if (!checked.ok) {
		const { at, text: why } = checked.issue;
		throw new DomainError('invalid', { code: 'settingsUnread', facts: { why } }, at);
	}
	return { area, settings: checked.value, seen: Number(seen), note };
}

/**
 * Reads the form with a file's text.
 * @throws DomainError saying where the file can't be used
 */
export async function readSettingsFile<A extends SettingsArea>(
	request: Request,
	area: A
): Promise<SettingsByArea[A]> {
	const { file } = await readFileField(request);
	const checked = validateSettingsFile(area, parsed(file, '/file'));
	if (!checked.ok)
		throw new DomainError('invalid', { code: 'policyFile', facts: { why: checked.issue.text } }, '/file');
	return checked.value.settings;
}

export const settingsFile = <A extends SettingsArea>(area: A, settings: SettingsByArea[A]): string =>
	`${JSON.stringify({ format: settingsFormat(area), settings }, null, '\t')}\n`;
