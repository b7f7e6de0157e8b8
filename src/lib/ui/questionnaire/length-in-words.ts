import {
	LENGTH_FIELDS,
	readLengthField,
	type Answers,
	type LengthFieldName
} from '$lib/core/questionnaire/answers';
import { formatLength, type LengthUnit } from '$lib/core/body/length';
import type { Catalogue } from '$lib/messages';

/** A length as written next to its arrow: as typed, or a question mark until then. */
export function lengthInWords(
	name: LengthFieldName,
	answers: Answers,
	unit: LengthUnit,
	t: Catalogue
): string {
	const read = readLengthField(name, answers[name], unit, LENGTH_FIELDS[name]);
	return read.ok ? formatLength(read.mm, unit, { locale: t.locale }) : '?';
}
