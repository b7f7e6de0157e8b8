export { convertUnit } from './convert-unit';
export { cornerFromAnswers, type CornerFromAnswers } from './corner-from-answers';
export {
	BODY_FIELDS,
	CHOICE_FIELDS,
	choiceOf,
	FIELD_NAME_PATTERN,
	LENGTH_FIELDS,
	MOST_THINGS,
	PAGES,
	thingField,
	unitOf,
	type Answers,
	type ChoiceFieldName,
	type LengthFieldName,
	type Page
} from './fields';
export { pageOfField } from './page-of-field';
export { partialChecks, type PartialCorner } from './partial-checks';
export { likelyMeant, readLength, type FieldIssue } from './read-length';
export { isHouseholdKind, listedThings, SHELF, type ShelfItem } from './things';
