import { and, asc, eq, gte, inArray, isNull, notInArray, or } from 'drizzle-orm';
import { teamRenames, type TeamSettings } from '../../../core/platform/organisation-settings/teams';
import type { DaysOffSettings } from '../../../core/platform/organisation-settings/days-off';
import type { EquipmentSettings } from '../../../core/platform/organisation-settings/equipment-catalogue';
import type { OfferedSettings } from '../../../core/platform/organisation-settings/offered';
import type { SettingsArea, SettingsByArea } from '../../../core/platform/organisation-settings/areas';
import { isWorkingDay } from '../../../core/platform/calendar/working-days';
import { parseCivilDate } from '../../../core/platform/calendar/civil-date';
import { PENDING_REQUEST_STATES, type EquipmentItem } from '../../../core/plan/equipment';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { assessmentResultOf } from '../../cases/case-assessments/reassess-cases';
import { schema, type Db } from '../db/client';
import { workCalendarWith } from '../../people/person-place';
import { previewAssessments, type RulesPreview } from '../rules/preview-policy';
import { readRules } from '../rules/read-rules';
import { requireUsableSettings } from './publish-settings';
import { settingsToStartFrom } from './settings-to-start-from';

const { assessments, equipmentRequests, followUps, people } = schema;

/** Most people listed by name. */
const MOST_LISTED = 200;

/** Somebody that settings concern, and what of theirs: a code, a day or a name. */
interface ConcernedPerson {
	readonly personId: string;
	readonly name: string;
	readonly what: string;
}

interface SettingsPreview {
	/** How many people or requests are concerned: all of them, counted. */
	readonly concerned: number;
	/** At most {@link MOST_LISTED} of them. */
	readonly people: readonly ConcernedPerson[];
	/** What other days do to levels and dates; null where nothing of a case depends on these settings. */
	readonly effects: RulesPreview | null;
}

/**
 * What settings would do if they were published now. Only days off reach into cases. Nothing is stored. Cost: one count and one list by an
 * index for what is concerned; for days off also that of {@link previewAssessments}.
 * @throws DomainError where an entry can't be used
 */
export async function previewSettings<A extends SettingsArea>(
	db: Db,
	actor: Actor,
	area: A,
	settings: SettingsByArea[A],
	now: Date
): Promise<SettingsPreview> {
	requirePermission(actor, 'settings:change');
	await requireUsableSettings(db, area, settings);
	const before = await settingsToStartFrom(db, area);
	switch (area) {
		case 'choices':
			return withoutEffects(await peopleWith(db, settings as OfferedSettings));
		case 'equipment':
			return withoutEffects(
				await requestsOfUnoffered(db, before as EquipmentSettings, settings as EquipmentSettings)
			);
		case 'teams':
			return withoutEffects(await peopleOfRenamed(db, before as TeamSettings, settings as TeamSettings));
		case 'days-off': {
			const daysOff = settings as DaysOffSettings;
			const { rules } = await readRules(db);
			const effects = await previewAssessments(
				db,
				actor,
				(read, person) => {
					const calendar = workCalendarWith(person.place, daysOff);
					return assessmentResultOf(read, { ...person, place: { ...person.place, calendar } }, rules);
				},
				now
			);
			return { ...(await followUpsOnDaysOff(db, before as DaysOffSettings, daysOff, now)), effects };
		}
		default:
			return withoutEffects({ concerned: 0, people: [] });
	}
}

type Concerned = Omit<SettingsPreview, 'effects'>;

const withoutEffects = (concerned: Concerned): SettingsPreview => ({ ...concerned, effects: null });

/** People who have a sitting style or a break schedule that is no longer offered: they keep it. Cost: one pass over the people. */
async function peopleWith(db: Db, { sittingStyles, breakSchedules }: OfferedSettings): Promise<Concerned> {
	const [hasStyle, hasSchedule] = [
		notInArray(people.sittingStyle, [...sittingStyles]),
		notInArray(people.breakSchedule, [...breakSchedules])
	];
	const of = and(isNull(people.leftAt), or(hasStyle, hasSchedule));
	const listed = await db
		.select({
			personId: people.id,
			name: people.name,
			way: people.sittingStyle,
			breakSchedule: people.breakSchedule
		})
		.from(people)
		.where(of)
		.orderBy(asc(people.name), asc(people.id))
		.limit(MOST_LISTED);
	return {
		concerned: await db.$count(people, of),
		people: listed.flatMap(({ personId, name, way, breakSchedule }) => [
			...(way !== null && !sittingStyles.includes(way) ? [{ personId, name, what: way }] : []),
			...(breakSchedule !== null && !breakSchedules.includes(breakSchedule)
				? [{ personId, name, what: breakSchedule }]
				: [])
		])
	};
}

/** Open requests for items that employees can no longer ask for: they stay on the board. */
async function requestsOfUnoffered(
	db: Db,
	before: EquipmentSettings,
	after: EquipmentSettings
): Promise<Concerned> {
	const offered = new Set(after.items.filter(({ isOffered }) => isOffered).map(({ code }) => code));
	const gone: EquipmentItem[] = before.items
		.filter(({ code, isOffered }) => isOffered && !offered.has(code))
		.map(({ code }) => code);
	if (gone.length === 0) return { concerned: 0, people: [] };
	const of = and(
		inArray(equipmentRequests.purchase, gone),
		inArray(equipmentRequests.state, [...PENDING_REQUEST_STATES])
	);
	const listed = await db
		.select({ personId: people.id, name: people.name, what: equipmentRequests.purchase })
		.from(equipmentRequests)
		.innerJoin(assessments, eq(assessments.id, equipmentRequests.assessmentId))
		.innerJoin(people, eq(people.id, assessments.personId))
		.where(of)
		.orderBy(asc(people.name))
		.limit(MOST_LISTED);
	return { concerned: await db.$count(equipmentRequests, of), people: listed };
}

/** People whose team gets another name. */
async function peopleOfRenamed(db: Db, before: TeamSettings, after: TeamSettings): Promise<Concerned> {
	const renames = teamRenames(before, after);
	if (renames.length === 0) return { concerned: 0, people: [] };
	const of = and(
		inArray(
			people.team,
			renames.map(({ from }) => from)
		),
		isNull(people.leftAt)
	);
	const listed = await db
		.select({ personId: people.id, name: people.name, team: people.team })
		.from(people)
		.where(of)
		.orderBy(asc(people.team), asc(people.name))
		.limit(MOST_LISTED);
	return {
		concerned: await db.$count(people, of),
		people: listed.map(({ team, ...one }) => ({
			...one,
			what: renames.find(({ from }) => from === team)?.to ?? team
		}))
	};
}

/** Open follow-ups on days that would become days off where the person lives: they keep their day. */
async function followUpsOnDaysOff(
	db: Db,
	before: DaysOffSettings,
	after: DaysOffSettings,
	now: Date
): Promise<Concerned> {
	const today = now.toISOString().slice(0, 10);
	const dates = [...new Set(after.days.filter(({ isWorked }) => !isWorked).map(({ date }) => date))];
	if (dates.length === 0) return { concerned: 0, people: [] };
	const rows = await db
		.select({
			personId: people.id,
			name: people.name,
			what: followUps.due,
			country: people.country,
			region: people.region
		})
		.from(followUps)
		.innerJoin(people, eq(people.id, followUps.personId))
		.where(
			and(
				isNull(followUps.doneAt),
				eq(followUps.kind, 'look'),
				gte(followUps.due, today),
				inArray(followUps.due, dates)
			)
		)
		.orderBy(asc(followUps.due), asc(people.name));
	const concerned = rows.filter(({ country, region, what }) => {
		const place = { country: country || null, region: region || null };
		const day = parseCivilDate(what);
		return (
			day !== null &&
			isWorkingDay(day, workCalendarWith(place, before)) &&
			!isWorkingDay(day, workCalendarWith(place, after))
		);
	});
	return {
		concerned: concerned.length,
		people: concerned.slice(0, MOST_LISTED).map(({ personId, name, what }) => ({ personId, name, what }))
	};
}
