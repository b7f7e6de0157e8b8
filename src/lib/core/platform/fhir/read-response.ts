import { leftOutField } from '../../questionnaire/answers/household-things';
import { OWN_CHECKLIST_FIELD_PATTERN } from '../../questionnaire/answers/checklist-fields';
import { thingField, THING_FIELD_PARTS } from '../../questionnaire/answers/fields';
import { CHECKLIST_VERSIONS } from '../../questionnaire/checklist/checklist';
import type { OurResponse, ResponseItem } from './bundle-schema';
import { LINKS, questionnaireTree, thingPartLink } from './questionnaire-tree';

/** The text of an answer, whatever its type. */
const textOf = ({ answer }: ResponseItem): string => {
	const [first] = answer ?? [];
	return first?.valueString ?? first?.valueCoding?.code ?? String(first?.valueInteger ?? '');
};

const inGroup = (group: ResponseItem, linkId: string): string => {
	const found = group.item?.find((item) => item.linkId === linkId);
	return found ? textOf(found) : '';
};

function thingFields(group: ResponseItem): [string, string][] {
	const place = Number(inGroup(group, LINKS.thingIndex));
	return THING_FIELD_PARTS.flatMap((part): [string, string][] => {
		const text = inGroup(group, thingPartLink(part));
		return text === '' ? [] : [[thingField(place, part), text]];
	});
}

function fieldsOf(item: ResponseItem): [string, string][] {
	if (item.linkId === LINKS.thing) return thingFields(item);
	if (item.linkId === LINKS.other) return [[inGroup(item, LINKS.otherName), inGroup(item, LINKS.otherValue)]];
	if (item.linkId === LINKS.leftOut)
		return (item.answer ?? []).map(({ valueString = '' }) => [leftOutField(valueString), 'yes']);
	if (item.item) return item.item.flatMap(fieldsOf);
	return [[item.linkId, textOf(item)]];
}

/** The answers in a response, by field. */
export const answersOfResponse = ({ item = [] }: OurResponse): Record<string, string> =>
	Object.fromEntries(item.flatMap(fieldsOf));

const OWN_FIELD = new RegExp(OWN_CHECKLIST_FIELD_PATTERN);

let links: ReadonlySet<string> | null = null;

/** Whether a question is one of ours: asked by some version of the checklist, or added by an organisation. */
function isKnown(linkId: string): boolean {
	links ??= new Set(
		questionnaireTree(CHECKLIST_VERSIONS[0]).flatMap(({ leaves }) => leaves.map((leaf) => leaf.linkId))
	);
	return links.has(linkId) || OWN_FIELD.test(linkId);
}

/** The first question in a response that we never ask; null where there is none. */
export function unknownLinkIn({ item = [] }: OurResponse): string | null {
	const unknownIn = (one: ResponseItem): string[] => {
		if (Object.values<string>(LINKS).includes(one.linkId)) return [];
		if (one.item) return one.item.flatMap(unknownIn);
		return isKnown(one.linkId) ? [] : [one.linkId];
	};
	return item.flatMap(unknownIn)[0] ?? null;
}
