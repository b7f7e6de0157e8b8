import {
	checklistField,
	checklistAnswersOf,
	factsOfAnswers,
	checklistItemsOfPage,
	redFlagField
} from './answers/checklist-fields';
import {
	chosenOption,
	isFieldAnswered,
	LENGTH_FIELDS,
	type Answers,
	type ChoiceFieldName,
	type LengthFieldName
} from './answers/fields';
import {
	isMarkedUnmeasured,
	adjustmentRangeFields,
	type AdjustableFurniture
} from './answers/default-lengths';
import { listedThings } from './answers/household-things';
import { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './answers/questionnaire-pages';
import { RED_FLAG_GROUP_NAMES, RED_FLAG_GROUPS, type RedFlagGroup } from './answers/red-flag-answers';
import { BODY_PLACES, painField } from './answers/discomfort-answers';
import { askedItems, type Checklist } from './checklist/checklist';
import type { ChecklistItem } from './checklist/item';
import { checkIdsOfSeat } from '../workstation/checks/check-values';
import { mayHaveFootBar, SEAT_RULES } from '../workstation/corner/seat-kinds';
import type { SeatKind, SittingStyle } from '../workstation/corner/vocabulary';

/** A question of the self-assessment. `id` is the field it fills, or the name of a group of fields. */
export type Question = { readonly page: QuestionnairePage } & (
	| { readonly kind: 'signs'; readonly id: `signs.${RedFlagGroup}`; readonly group: RedFlagGroup }
	| { readonly kind: 'discomfort'; readonly id: 'discomfort' }
	| { readonly kind: 'house'; readonly id: 'house' }
	| { readonly kind: 'length'; readonly id: LengthFieldName }
	| { readonly kind: 'choice'; readonly id: ChoiceFieldName }
	| { readonly kind: 'check'; readonly id: string; readonly item: ChecklistItem }
);

/** Which self-assessment is asked: its sitting style and checklist. */
export interface QuestionnaireContext {
	readonly way: SittingStyle;
	readonly checklist: Checklist;
}

type Named = LengthFieldName | ChoiceFieldName;

/** Names, if a condition holds. */
function where(holds: boolean, ...names: readonly Named[]): readonly Named[] {
	return holds ? names : [];
}

/** The adjustability of furniture, and its ends. */
function rangeOf(of: AdjustableFurniture, answers: Answers): readonly Named[] {
	const { moves, low, high } = adjustmentRangeFields(of);
	return [moves, ...where(chosenOption(answers, moves) === 'yes', low, high)];
}

/** The seat, its height and the leg lengths. */
function namedAtFeet(answers: Answers, seat: SeatKind, version: number): readonly Named[] {
	const rules = SEAT_RULES[seat];
	const judged = checkIdsOfSeat(seat);
	return [
		...where(version > 1, 'seatKind'),
		'seatHeight',
		'seatGive',
		...where(rules.isSet, ...rangeOf('seat', answers), 'castors'),
		...where(mayHaveFootBar(seat), 'footBar'),
		...where(mayHaveFootBar(seat) && chosenOption(answers, 'footBar') === 'yes', 'footBarHeight'),
		'bodyBy',
		...where(judged.includes('knee'), 'popliteal'),
		...where(judged.includes('thigh'), 'thigh')
	];
}

function namedAtBack(answers: Answers): readonly Named[] {
	const hasBack = chosenOption(answers, 'backrest') === 'yes';
	return ['backrest', ...where(hasBack, 'lumbar'), 'seatDepth', 'buttockPopliteal'];
}

function namedAtHands(answers: Answers, isStanding: boolean, hasArmrests: boolean): readonly Named[] {
	const isLaptop = chosenOption(answers, 'screenKind') === 'laptop';
	const isBuiltIn = isLaptop && chosenOption(answers, 'keysKind') === 'built-in';
	return [
		isStanding ? 'standingElbow' : 'sittingElbow',
		'screenKind',
		...where(isLaptop, 'keysKind'),
		'homeRow',
		...where(!isBuiltIn, 'keysLong', 'keysShort', 'tray'),
		...where(!isBuiltIn && chosenOption(answers, 'tray') === 'yes', 'trayHeight', 'trayThickness'),
		...where(hasArmrests, 'armrest'),
		...where(hasArmrests && chosenOption(answers, 'armrest') === 'yes', 'armrestHeight')
	];
}

function namedAtScreen(answers: Answers, isStanding: boolean): readonly Named[] {
	return [
		'screenSize',
		'topAboveBase',
		...where(chosenOption(answers, 'screenKind') === 'monitor', ...rangeOf('screen', answers)),
		isStanding ? 'standingEye' : 'sittingEye',
		'distance',
		'visibleHeight',
		'letterSize',
		'baseLong',
		'baseShort'
	];
}

/** What is measured and chosen on a page, in order. */
function namedOn(page: QuestionnairePage, answers: Answers, version: number): readonly Named[] {
	const isStanding = chosenOption(answers, 'posture') === 'standing';
	const seat = chosenOption(answers, 'seatKind');
	const { hasBack, hasArmrests } = SEAT_RULES[seat];
	switch (page) {
		case 'you':
			return ['stature', 'heel', 'hand', 'pointer', 'lenses', 'back', 'wrists', 'sex', 'drawnAs'];
		case 'spot':
			return [
				'posture',
				'by',
				...where(chosenOption(answers, 'by') === 'hand-span', 'handSpan'),
				'surfaceKind',
				'surfaceHeight',
				'surfaceThickness',
				'surfaceDepth',
				...rangeOf('surface', answers)
			];
		case 'feet':
			return isStanding ? [] : namedAtFeet(answers, seat, version);
		case 'back':
			return isStanding || !hasBack ? [] : namedAtBack(answers);
		case 'hands':
			return namedAtHands(answers, isStanding, !isStanding && hasArmrests);
		case 'mouse':
			return ['mouse'];
		case 'screen':
			return namedAtScreen(answers, isStanding);
		case 'light':
			return ['windowFaces', 'city'];
		default:
			return [];
	}
}

const isLength = (name: Named): name is LengthFieldName => Object.hasOwn(LENGTH_FIELDS, name);

function questionsOn(
	page: QuestionnairePage,
	answers: Answers,
	asking: QuestionnaireContext,
	items: readonly ChecklistItem[]
): Question[] {
	if (page === 'first')
		return [
			...RED_FLAG_GROUP_NAMES.map((group) => ({
				page,
				kind: 'signs' as const,
				id: `signs.${group}` as const,
				group
			}))
		];
	if (page === 'discomfort') return [{ page, kind: 'discomfort', id: 'discomfort' }];
	if (page === 'house') return [{ page, kind: 'house', id: 'house' }];
	const named = namedOn(page, answers, asking.checklist.version).map((name): Question =>
		isLength(name) ? { page, kind: 'length', id: name } : { page, kind: 'choice', id: name }
	);
	const checks = checklistItemsOfPage(page, items).map((item): Question => ({
		page,
		kind: 'check',
		id: checklistField(item.id),
		item
	}));
	return page === 'light' ? [...checks, ...named] : [...named, ...checks];
}

/**
 * Every question this person can be asked, given the answers so far, in order: warning signs, discomfort, the person, the workstation from
 * the floor up, the household. Questions that depend on an answer come and go with it.
 */
export function questionsOf(answers: Answers, asking: QuestionnaireContext): Question[] {
	const items = askedItems(
		asking.checklist,
		factsOfAnswers(answers, asking.way),
		checklistAnswersOf(answers)
	);
	return QUESTIONNAIRE_PAGES.flatMap((page) => questionsOn(page, answers, asking, items));
}

/** Whether a question has been answered: by the person, never by a preselected option. */
export function isAnswered(question: Question, answers: Answers): boolean {
	switch (question.kind) {
		case 'signs': {
			return RED_FLAG_GROUPS[question.group].every((sign) => isFieldAnswered(answers, redFlagField(sign)));
		}
		case 'discomfort':
			return (
				isFieldAnswered(answers, 'hurts') ||
				BODY_PLACES.some((place) => Number(answers[painField(place, 'worst')] || 0) > 0)
			);
		case 'house':
			return isFieldAnswered(answers, 'hasThings') || listedThings(answers).length > 0;
		case 'length':
			return isFieldAnswered(answers, question.id) || isMarkedUnmeasured(answers, question.id);
		default:
			return isFieldAnswered(answers, question.id);
	}
}
