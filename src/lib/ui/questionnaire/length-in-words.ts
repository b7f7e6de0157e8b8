import { LENGTH_FIELDS, type Answers, type LengthFieldName } from '$lib/core/questionnaire/answers/fields';
import { readLengthField } from '$lib/core/questionnaire/answers/read-length-field';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Catalogue } from '$lib/messages/shapes';

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
