import { ANSWER_FIELDS } from '../../questionnaire/answers/answer-fields';
import { checklistField } from '../../questionnaire/answers/checklist-fields';
import { THING_FIELD_PARTS } from '../../questionnaire/answers/fields';
import { CHECKLIST_STATIONS } from '../../questionnaire/checklist/stations';
import { CHECKLIST_VERSIONS, type Checklist } from '../../questionnaire/checklist/checklist';
import type { AnswerGroup } from './fhir-words';

/** A question of the FHIR questionnaire: a field of the self-assessment with its options, or any short text. */
export interface Leaf {
	readonly linkId: string;
	readonly options: readonly string[] | 'text';
}

/** A group of the questionnaire. */
export interface Branch {
	readonly group: AnswerGroup;
	readonly leaves: readonly Leaf[];
}

/** Links of the FHIR questionnaire that are no field of the self-assessment. */
export const LINKS = {
	/** A repeating group: one household item, with its place in the list and its parts. */
	thing: 'thing',
	thingIndex: 'thing.index',
	/** The pieces left out of the plan. */
	leftOut: 'left-out',
	/** A repeating group: what is kept with the answers and asked by no question, such as how far a cushion sinks. */
	other: 'other',
	otherName: 'other.name',
	otherValue: 'other.value'
} as const;

/** The link of one part of a household item. */
export const thingPartLink = (part: string): string => `thing.${part}`;

/** What is asked about a household item. */
export const THING_LEAVES: readonly Leaf[] = THING_FIELD_PARTS.map((part) => ({
	linkId: thingPartLink(part),
	options: 'text'
}));

/** The group of a field that isn't a question of the checklist. */
function groupOf(field: string): AnswerGroup {
	if (field.startsWith('sign.')) return 'signs';
	if (field.startsWith('pain.') || field === 'hurts') return 'discomfort';
	if (/^(?:tick|still|cant)\.|^style/.test(field)) return 'later';
	return ANSWER_FIELDS.get(field) === 'text' ? 'lengths' : 'choices';
}

/** Each checklist's tree is made once: one for everyone who answered that version. */
const trees = new WeakMap<Checklist, readonly Branch[]>();

/**
 * Every question that an answer of this version may belong to, by group. Questions of other versions of the checklist are among them: an
 * answer given earlier stays when the version changes.
 */
export function questionnaireTree(checklist: Checklist): readonly Branch[] {
	const known = trees.get(checklist);
	if (known) return known;
	const tree = makeTree(checklist);
	trees.set(checklist, tree);
	return tree;
}

function makeTree(checklist: Checklist): Branch[] {
	const branches = new Map<AnswerGroup, Map<string, Leaf>>();
	const add = (group: AnswerGroup, leaf: Leaf) => {
		const leaves = branches.get(group) ?? new Map<string, Leaf>();
		branches.set(group, leaves);
		const known = leaves.get(leaf.linkId);
		if (!known || known.options === 'text' || leaf.options === 'text') leaves.set(leaf.linkId, leaf);
		else
			leaves.set(leaf.linkId, {
				...known,
				options: [...new Set([...known.options, ...leaf.options])]
			});
	};
	for (const [linkId, options] of ANSWER_FIELDS)
		if (!linkId.startsWith('check.')) add(groupOf(linkId), { linkId, options });
	for (const { items } of [checklist, ...CHECKLIST_VERSIONS])
		for (const { id, station, answers } of items)
			add(station, { linkId: checklistField(id), options: answers.map((option) => option.id) });
	const order: readonly AnswerGroup[] = [
		'signs',
		'discomfort',
		'lengths',
		'choices',
		...CHECKLIST_STATIONS,
		'later'
	];
	return order.flatMap((group) => {
		const leaves = branches.get(group);
		return leaves ? [{ group, leaves: [...leaves.values()] }] : [];
	});
}
