import { Type } from 'typebox';
import { BREAK_SCHEDULES } from '../../breaks/break-schedules';
import { FINDING_IDS } from '../../questionnaire/checklist/findings';
import { OWN_ID_PATTERN } from '../../questionnaire/checklist/own-ids';
import { CORNER_BOUNDS } from '../../workstation/corner/corner-bounds';
import { HOUSEHOLD_KINDS, SITTING_STYLES } from '../../workstation/corner/vocabulary';
import { BOARD_COLUMNS } from '../../plan/equipment/board-columns';
import { CURRENCIES, CATALOGUE_ITEM_PATTERN, REQUESTABLE_ITEMS } from '../../plan/equipment';
import { MAX_DAYS_OFF } from './days-off';
import { MAX_DELIVERY_DAYS, MAX_OWN_ITEMS, MAX_PRICE_CENTS } from './equipment-catalogue';
import { EYE_TEST_LENGTHS, MAX_EYE_TEST_MONTHS } from './eye-tests';
import { MAX_OWN_HOUSEHOLD } from './household-items';
import { OWN_NAME_LENGTH } from './own-names';
import { FIXED_COLUMN, MAX_PURCHASING_COLUMNS, PURCHASING_LENGTHS } from './purchasing-file';
import { MAX_TEAMS, TEAM_NAME_LENGTH } from './teams';

/** A text by language, as a BCP 47 tag. */
const byLanguage = (maxLength: number) =>
	Type.Record(Type.String({ pattern: '^[a-z]{2}(?:-[A-Za-z]{2,4})?$' }), Type.String({ maxLength }));

const ownNamesSchema = byLanguage(OWN_NAME_LENGTH);

/** Schema of `OfferedSettings`. */
export const offeredSchema = Type.Object(
	{
		sittingStyles: Type.Array(Type.Enum(SITTING_STYLES), { minItems: 1, maxItems: SITTING_STYLES.length }),
		breakSchedules: Type.Array(Type.Enum(BREAK_SCHEDULES), { minItems: 1, maxItems: BREAK_SCHEDULES.length })
	},
	{ additionalProperties: false }
);

/** Schema of `DaysOffSettings`. */
export const daysOffSchema = Type.Object(
	{
		days: Type.Array(
			Type.Object(
				{
					date: Type.String({ pattern: '^[0-9]{4}-[0-9]{2}-[0-9]{2}$' }),
					name: Type.String({ maxLength: 80 }),
					country: Type.String({ pattern: '^(?:[A-Z]{2})?$' }),
					region: Type.String({ pattern: '^[A-Z0-9]{0,4}$' }),
					isWorked: Type.Boolean()
				},
				{ additionalProperties: false }
			),
			{ maxItems: MAX_DAYS_OFF }
		)
	},
	{ additionalProperties: false }
);

const [least, most] = CORNER_BOUNDS.side;
const side = Type.Integer({ minimum: least, maximum: most });
const choice = { kind: Type.Enum(HOUSEHOLD_KINDS), size: Type.Array(side, { minItems: 3, maxItems: 3 }) };

/** Schema of `HouseholdSettings`. */
export const householdSchema = Type.Object(
	{
		kinds: Type.Array(Type.Object(choice, { additionalProperties: false }), {
			minItems: 1,
			maxItems: HOUSEHOLD_KINDS.length
		}),
		own: Type.Array(
			Type.Object(
				{ id: Type.Integer({ minimum: 1, maximum: 9999 }), names: ownNamesSchema, ...choice },
				{ additionalProperties: false }
			),
			{ maxItems: MAX_OWN_HOUSEHOLD }
		)
	},
	{ additionalProperties: false }
);

/** A problem of the checklist, shipped or added. */
const HELPED_PATTERN = `^(?:${FINDING_IDS.join('|')}|${OWN_ID_PATTERN})$`;

/** Schema of `EquipmentSettings`. */
export const equipmentSettingsSchema = Type.Object(
	{
		currency: Type.Enum(CURRENCIES),
		items: Type.Array(
			Type.Object(
				{
					code: Type.String({ pattern: CATALOGUE_ITEM_PATTERN }),
					isOffered: Type.Boolean(),
					names: ownNamesSchema,
					helps: Type.Array(Type.String({ pattern: HELPED_PATTERN }), { maxItems: FINDING_IDS.length }),
					cents: Type.Union([Type.Integer({ minimum: 0, maximum: MAX_PRICE_CENTS }), Type.Null()]),
					supplier: Type.String({ maxLength: 120 }),
					article: Type.String({ maxLength: 80 }),
					deliveryDays: Type.Union([Type.Integer({ minimum: 0, maximum: MAX_DELIVERY_DAYS }), Type.Null()])
				},
				{ additionalProperties: false }
			),
			{ minItems: REQUESTABLE_ITEMS.length, maxItems: REQUESTABLE_ITEMS.length + MAX_OWN_ITEMS }
		)
	},
	{ additionalProperties: false }
);

/** Schema of `TeamSettings`. */
export const teamsSchema = Type.Object(
	{
		teams: Type.Array(
			Type.Object(
				{
					id: Type.Integer({ minimum: 1, maximum: 1_000_000 }),
					name: Type.String({ maxLength: TEAM_NAME_LENGTH })
				},
				{ additionalProperties: false }
			),
			{ maxItems: MAX_TEAMS }
		)
	},
	{ additionalProperties: false }
);

/** Schema of `EyeTestSettings`. */
export const eyeTestsSchema = Type.Object(
	{
		entitlements: Type.Array(
			Type.Object(
				{
					country: Type.String({ pattern: '^(?:[A-Z]{2})?$' }),
					law: Type.String({ maxLength: EYE_TEST_LENGTHS.law }),
					everyMonths: Type.Union([Type.Integer({ minimum: 1, maximum: MAX_EYE_TEST_MONTHS }), Type.Null()]),
					howTo: byLanguage(EYE_TEST_LENGTHS.howTo)
				},
				{ additionalProperties: false }
			),
			{ maxItems: 260 }
		)
	},
	{ additionalProperties: false }
);

/** Schema of `PurchasingFileSettings`. */
export const purchasingFileSchema = Type.Object(
	{
		columns: Type.Array(
			Type.Object(
				{
					content: Type.Enum([...BOARD_COLUMNS, FIXED_COLUMN]),
					heading: Type.String({ maxLength: PURCHASING_LENGTHS.heading }),
					value: Type.String({ maxLength: PURCHASING_LENGTHS.value })
				},
				{ additionalProperties: false }
			),
			{ minItems: 1, maxItems: MAX_PURCHASING_COLUMNS }
		)
	},
	{ additionalProperties: false }
);
