export { isPrefilled, CHANGED_PARTS, clearChangedParts, type ChangedPart } from './changed-parts';
export {
	ANSWER_FIELDS,
	stepTickField,
	stepTicksOf,
	THING_FIELD_PATTERN,
	type FieldValues
} from './answer-fields';
export { extraAnswersOf, type ExtraAnswers } from './extra-answers';
export {
	COUNT_FIELD_PATTERN,
	countingUnitOf,
	countField,
	lengthToCount,
	countToLength,
	countsToLengths,
	type CountingUnit
} from './counted-answers';
export {
	noPhotoFields,
	photoFields,
	photoLengthOf,
	photoNumbersOf,
	type PhotoNumbers
} from './photo-answers';
export { precautionField, precautionsOf, hasPrecautions } from './precaution-answers';
export { convertUnit } from './convert-unit';
export { cornerFromAnswers, type CornerFromAnswers } from './corner-from-answers';
export {
	THING_FIELD_PARTS,
	BODY_FIELDS,
	bodyMethodOf,
	CHOICE_FIELDS,
	chosenOption,
	isFieldAnswered,
	LENGTH_FIELDS,
	MAX_HOUSEHOLD_THINGS,
	PAGES_WITH_DRAWING,
	QUESTIONNAIRE_MODES,
	SCREEN_SIZES,
	SIDE_VIEW_PAGES,
	thingField,
	unitOf,
	type Answers,
	type ChoiceFieldName,
	type LengthFieldName,
	type QuestionnaireMode
} from './fields';
export {
	BODY_PLACES,
	discomfortFromAnswers,
	PAIN_PARTS,
	painField,
	painOptions,
	bodyPlaceName,
	type BodyPlace,
	type PainPart
} from './discomfort-answers';
export { measuredPadRises } from './measured-pad-rises';
export { pageOfField } from './page-of-field';
export { partialChecks, type PartialCorner } from './partial-checks';
export { readLengthField, type FieldIssue } from './read-length-field';
export {
	nextThingIndex,
	isHouseholdKind,
	measuredRiseField,
	newThingFields,
	listedThings,
	addThingFields,
	LEFT_OUT_FIELD_PATTERN,
	leftOutField,
	piecesLeftOut,
	THING_CHOICES,
	expectedPadShares,
	leaveOutKindFields,
	measuredPadShares,
	padShareField,
	THING_SIDE_PARTS,
	type ThingChoice,
	type ThingToAdd
} from './household-things';
export { answersChangedSince, type SubmittedState } from './changed-since';
export { deviceField, DEVICES_AT_HOME, devicesOf, thingsAtHome, type DeviceAtHome } from './device-answers';
export {
	betterDay,
	COMFORT_SCALE,
	comfortFields,
	dayTrialOf,
	EVENING_FROM_MINUTE,
	noTrialFields,
	speakOfTrial,
	styleTrialOf,
	trialFields,
	trialDay,
	trialStage,
	type DayTrial,
	type StyleTrial,
	type TrialStage
} from './day-trial';
export { QUESTIONNAIRE_PAGES, type QuestionnairePage } from './questionnaire-pages';
export { PAGES_BY_NEWS, pagesToReview } from './pages-to-review';
export { confirmedSizeFields, sizesToCheck, type SizeToCheck } from './sizes-to-check';
export { parseStuckLocation, type StuckLocation } from './stuck-location';
export { prefilledAnswers } from './prefilled-answers';
export {
	noneOfTheseFields,
	isNoneGroup,
	redFlagIssues,
	NONE_GROUPS,
	RED_FLAG_GROUP_NAMES,
	RED_FLAG_GROUPS,
	type NoneGroup,
	type RedFlagGroup
} from './red-flag-answers';
export { answerIssues, pageIssues } from './answer-issues';
export { prefilledSpotFields, isSharedAcrossSpots, sharedFields } from './shared-fields';
export {
	mayStayUnmeasured,
	cannotMeasureField,
	isMarkedUnmeasured,
	isRequiredLength,
	hasDefaultLength,
	assumedLengths,
	adjustmentRangeFields,
	defaultLength,
	type AdjustableFurniture
} from './default-lengths';
export {
	checklistField,
	checklistAnswersOf,
	factsOfAnswers,
	checklistItemsOfPage,
	redFlagField,
	redFlagsOf,
	OWN_CHECKLIST_ANSWER_PATTERN,
	OWN_CHECKLIST_FIELD_PATTERN,
	STATIONS_OF_PAGE
} from './checklist-fields';
export {
	itemsGone,
	fieldsOfItemsGone,
	IN_PLACE_ITEMS,
	LASTING_FINDINGS,
	stillInPlaceField,
	type InPlaceItem
} from './in-place-items';
