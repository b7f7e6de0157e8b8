export { isAskedAgain, RENEWED, withoutRenewed, type Renewed } from './asked-again';
export {
	ANSWER_FIELDS,
	tickField,
	ticksOfAnswers,
	THING_FIELD_PATTERN,
	type FieldValues
} from './answer-fields';
export { besidesOf, type Besides } from './besides';
export {
	COUNT_FIELD_PATTERN,
	countedIn,
	countField,
	countOfLength,
	lengthOfCount,
	withCounts,
	type CountedIn
} from './counted-answers';
export { careField, caresOf, hasCare } from './care-answers';
export { convertUnit } from './convert-unit';
export { cornerFromAnswers, type CornerFromAnswers } from './corner-from-answers';
export {
	BODY_FIELDS,
	bodyMethodOf,
	CHOICE_FIELDS,
	choiceOf,
	isGiven,
	LENGTH_FIELDS,
	MOST_THINGS,
	PAGES_DRAWN,
	ROUTES,
	SCREEN_SIZES,
	thingField,
	unitOf,
	type Answers,
	type ChoiceFieldName,
	type LengthFieldName,
	type Route
} from './fields';
export {
	BODY_PLACES,
	discomfortFromAnswers,
	PAIN_PARTS,
	painField,
	painOptions,
	placeName,
	type BodyPlace,
	type PainPart
} from './discomfort-answers';
export { learnedRises } from './learned-rises';
export { pageOfField } from './page-of-field';
export { partialChecks, type PartialCorner } from './partial-checks';
export { likelyMeant, readLength, type FieldIssue } from './read-length';
export {
	freeThing,
	isHouseholdKind,
	learnedField,
	listedThings,
	newThing,
	oneMore,
	OUT_FIELD_PATTERN,
	outField,
	piecesLeftOut,
	SHELF,
	fieldsWithoutKind,
	SIDE_PARTS,
	type ShelfItem
} from './things';
export { haveChangedSince, type TakenIn } from './changed-since';
export { deviceField, DEVICES_AT_HOME, devicesOf, thingsAtHome, type DeviceAtHome } from './device-answers';
export { fieldsOfStyle, triedStyle, type TriedStyle } from './style-answers';
export { PAGES, type Page } from './pages';
export { NEWS_PAGES, pagesOfNews } from './pages-of-news';
export { checkedSize, sizesToCheck, type SizeToCheck } from './sizes-to-check';
export { stuckAt, type StuckAt } from './place-named';
export { prefilledAnswers } from './prefilled-answers';
export {
	fieldsOfNone,
	isNoneGroup,
	issuesOfSigns,
	NONE_GROUPS,
	SIGN_GROUP_NAMES,
	SIGN_GROUPS,
	type NoneGroup,
	type SignGroup
} from './sign-answers';
export { issuesOf, issuesOn } from './issues-on';
export { carriedFields, isShared, sharedFields } from './shared-fields';
export {
	canBeLeftOpen,
	cantField,
	isLeftOpen,
	isRequired,
	isStoodInFor,
	lengthsStoodInFor,
	rangeFields,
	usualLength,
	type Movable
} from './usual-lengths';
export {
	checkField,
	checklistAnswersOf,
	factsOfAnswers,
	itemsOfPage,
	signField,
	signsOf,
	STATIONS_OF_PAGE
} from './walk-answers';
export { goneSince, goneWith, IN_PLACE, LASTING_FINDINGS, stillField, type InPlace } from './still-in-place';
