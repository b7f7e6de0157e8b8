import type {
	QuestionnaireResponse,
	QuestionnaireResponseItem,
	QuestionnaireResponseItemAnswer
} from 'fhir/r4';
import { LEFT_OUT_FIELD_PATTERN, piecesLeftOut } from '../../questionnaire/answers/household-things';
import { thingField, THING_FIELD_PARTS, type Answers } from '../../questionnaire/answers/fields';
import { THING_FIELD_PATTERN } from '../../questionnaire/answers/answer-fields';
import type { Checklist } from '../../questionnaire/checklist/checklist';
import type { FhirRecord } from './fhir-record';
import type { FhirWords } from './fhir-words';
import { LINKS, questionnaireTree, thingPartLink, type Leaf } from './questionnaire-tree';
import { addressOf, QUESTIONNAIRE_URL } from './systems';
import { optionCoding, questionnaireVersion } from './write-questionnaire';

const OF_THING = new RegExp(THING_FIELD_PATTERN);
const LEFT_OUT_FIELD = new RegExp(LEFT_OUT_FIELD_PATTERN);

/** Household items by their place in the list, as far as anything is said of them. */
function thingItems(answers: Answers): QuestionnaireResponseItem[] {
	const places = new Set(
		Object.keys(answers)
			.filter((field) => OF_THING.test(field))
			.map((field) => Number(field.split('.')[1]))
	);
	return [...places]
		.sort((a, b) => a - b)
		.map((place) => ({
			linkId: LINKS.thing,
			item: [
				{ linkId: LINKS.thingIndex, answer: [{ valueInteger: place }] },
				...THING_FIELD_PARTS.flatMap((part): QuestionnaireResponseItem[] => {
					const text = answers[thingField(place, part)];
					return text ? [{ linkId: thingPartLink(part), answer: [{ valueString: text }] }] : [];
				})
			]
		}));
}

/** What someone answered, as the answer to the questionnaire of its version. Answers are grouped as the questions are. */
export function writeResponse(
	{ id, at, answers }: FhirRecord['assessments'][number],
	checklist: Checklist,
	personId: string,
	words: FhirWords
): QuestionnaireResponse {
	const answerOf = ({ linkId, options }: Leaf, text: string): QuestionnaireResponseItemAnswer =>
		options === 'text'
			? { valueString: text }
			: { valueCoding: optionCoding(linkId, text, checklist, words) };
	const tree = questionnaireTree(checklist);
	const options = new Map(tree.flatMap(({ leaves }) => leaves.map((leaf) => [leaf.linkId, leaf.options])));
	const isAsked = (field: string, text: string) => {
		const of = options.get(field);
		return of !== undefined && (of === 'text' || of.includes(text));
	};
	const groups = tree.map(({ group, leaves }): QuestionnaireResponseItem => ({
		linkId: `group.${group}`,
		item: leaves.flatMap((leaf): QuestionnaireResponseItem[] => {
			const text = answers[leaf.linkId];
			return text && isAsked(leaf.linkId, text)
				? [{ linkId: leaf.linkId, answer: [answerOf(leaf, text)] }]
				: [];
		})
	}));
	const leftOut = piecesLeftOut(answers).map((valueString) => ({ valueString }));
	// A field of another kind, or an option that no version offers any longer, stays as it is, by its name.
	const others = Object.entries(answers).filter(
		([field, text]) =>
			!isAsked(field, text) && !OF_THING.test(field) && !(LEFT_OUT_FIELD.test(field) && text === 'yes')
	);
	const household: QuestionnaireResponseItem = {
		linkId: 'group.household',
		item: [
			...thingItems(answers),
			...(leftOut.length > 0 ? [{ linkId: LINKS.leftOut, answer: leftOut }] : [])
		]
	};
	return {
		resourceType: 'QuestionnaireResponse',
		id,
		questionnaire: `${QUESTIONNAIRE_URL}|${questionnaireVersion(checklist.version)}`,
		status: 'completed',
		subject: { reference: addressOf(personId) },
		authored: at,
		item: [
			...[...groups, household].filter(({ item }) => item && item.length > 0),
			...others.map(([name, value]): QuestionnaireResponseItem => ({
				linkId: LINKS.other,
				item: [
					{ linkId: LINKS.otherName, answer: [{ valueString: name }] },
					{ linkId: LINKS.otherValue, answer: [{ valueString: value }] }
				]
			}))
		]
	};
}
