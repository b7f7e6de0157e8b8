import type { Coding, Questionnaire, QuestionnaireItem } from 'fhir/r4';
import type { Checklist } from '../../questionnaire/checklist/checklist';
import type { FhirWords } from './fhir-words';
import { LINKS, questionnaireTree, THING_LEAVES, type Leaf } from './questionnaire-tree';
import { FHIR_SYSTEMS, QUESTIONNAIRE_URL } from './systems';

/** One option as a coding, with its words where there are any. */
export function optionCoding(field: string, value: string, checklist: Checklist, words: FhirWords): Coding {
	const display = words.option(field, value, checklist);
	return { system: FHIR_SYSTEMS.answer, code: value, ...(display ? { display } : {}) };
}

function itemOf({ linkId, options }: Leaf, checklist: Checklist, words: FhirWords): QuestionnaireItem {
	const text = words.field(linkId, checklist);
	const common = { linkId, ...(text ? { text } : {}) };
	return options === 'text'
		? { ...common, type: 'string' }
		: {
				...common,
				type: 'choice',
				answerOption: options.map((value) => ({ valueCoding: optionCoding(linkId, value, checklist, words) }))
			};
}

/** The version of the FHIR questionnaire for a version of the checklist. */
export const questionnaireVersion = (checklistVersion: number): string => String(checklistVersion);

/** The questions of one version of the checklist, with everything else that is asked, as a FHIR questionnaire. */
export function writeQuestionnaire(checklist: Checklist, words: FhirWords): Questionnaire {
	return {
		resourceType: 'Questionnaire',
		id: `questionnaire-${checklist.version}`,
		language: words.language,
		url: QUESTIONNAIRE_URL,
		version: questionnaireVersion(checklist.version),
		name: 'HomeWorkstationSelfAssessment',
		title: words.title,
		status: 'active',
		subjectType: ['Patient'],
		item: [
			...questionnaireTree(checklist).map(({ group, leaves }): QuestionnaireItem => ({
				linkId: `group.${group}`,
				text: words.group(group),
				type: 'group',
				item: leaves.map((leaf) => itemOf(leaf, checklist, words))
			})),
			{
				linkId: 'group.household',
				text: words.group('household'),
				type: 'group',
				item: [
					{
						linkId: LINKS.thing,
						type: 'group',
						repeats: true,
						item: [
							{ linkId: LINKS.thingIndex, type: 'integer' },
							...THING_LEAVES.map((leaf) => itemOf(leaf, checklist, words))
						]
					},
					{ linkId: LINKS.leftOut, type: 'string', repeats: true }
				]
			},
			{
				linkId: LINKS.other,
				text: words.group('other'),
				type: 'group',
				repeats: true,
				item: [
					{ linkId: LINKS.otherName, type: 'string' },
					{ linkId: LINKS.otherValue, type: 'string' }
				]
			}
		]
	};
}
