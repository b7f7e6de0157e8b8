import { eq, inArray, sql } from 'drizzle-orm';
import { teamRenames, type TeamSettings } from '../../../core/platform/organisation-settings/teams';
import type { EquipmentSettings } from '../../../core/platform/organisation-settings/equipment-catalogue';
import type { SettingsArea, SettingsByArea } from '../../../core/platform/organisation-settings/areas';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { lockPeople } from '../../people/lock-person';
import { countFiguresAgain } from '../../workforce/current-figures';
import { storeMoves } from '../../workforce/store-observations';
import { queueJob } from '../jobs/queue-job';

const { equipmentRequests, equipmentStore, people, purchasePrices, rounds, savedFilters } = schema;

/** People who are moved to a team's new name at a time. */
const AT_A_TIME = 200;

/**
 * Carries out what follows from settings, in the transaction that publishes them.
 * @throws DomainError where something that would go is in use
 */
export async function applySettings<A extends SettingsArea>(
	tx: Db,
	actor: Actor,
	area: A,
	before: SettingsByArea[A],
	after: SettingsByArea[A],
	now: Date
): Promise<void> {
	if (area === 'equipment') await applyCatalogue(tx, before as EquipmentSettings, after as EquipmentSettings);
	if (area === 'teams') await applyTeams(tx, actor, before as TeamSettings, after as TeamSettings, now);
	if (area === 'days-off') await queueJob(tx, 'reassessment');
	if (area === 'equipment' || area === 'teams') await countFiguresAgain(tx, now);
}

/** An item that was requested or is in stock keeps its place: its name stands on what was decided. */
async function applyCatalogue(tx: Db, before: EquipmentSettings, after: EquipmentSettings): Promise<void> {
	const gone = before.items
		.map(({ code }) => code)
		.filter((code) => !after.items.some((one) => one.code === code));
	if (gone.length > 0) {
		const used = await tx
			.selectDistinct({ code: equipmentRequests.purchase })
			.from(equipmentRequests)
			.where(inArray(equipmentRequests.purchase, gone));
		const stocked = await tx
			.select({ code: equipmentStore.thing })
			.from(equipmentStore)
			.where(inArray(equipmentStore.thing, gone));
		const [first] = [...used, ...stocked];
		if (first) {
			const item = before.items.find(({ code }) => code === first.code);
			const name = Object.values(item?.names ?? {})[0] ?? first.code;
			throw new DomainError('conflict', { code: 'settingsItemInUse', facts: { name } }, '/items');
		}
	}
	await tx.delete(purchasePrices);
	const { currency } = after;
	const prices = after.items.flatMap(({ code, cents }) =>
		cents === null ? [] : [{ purchase: code, cents, currency }]
	);
	if (prices.length > 0) await tx.insert(purchasePrices).values(prices);
}

/**
 * Moves people to the new names of their teams, and with them what else names a team: drafts of rounds and saved filters. Closed figures
 * keep the earlier name. Cost: a few statements for each 200 people of a renamed team.
 */
async function applyTeams(
	tx: Db,
	actor: Actor,
	before: TeamSettings,
	after: TeamSettings,
	now: Date
): Promise<void> {
	const gone = before.teams.filter(({ id }) => !after.teams.some((team) => team.id === id));
	for (const { name } of gone) {
		if (after.teams.some((team) => team.name === name)) continue;
		const n = await tx.$count(people, sql`${people.team} = ${name} and ${people.leftAt} is null`);
		if (n > 0) throw new DomainError('conflict', { code: 'settingsTeamInUse', facts: { name, n } }, '/teams');
	}
	const renames = teamRenames(before, after);
	if (renames.length === 0) return;
	// Everybody's new team is known before anybody is moved: two teams can exchange their names.
	const to = new Map(renames.map((one) => [one.from, one.to]));
	// Rounds before people, as in every act on a round; filters after them, as where somebody is erased.
	await renameInRounds(tx, to);
	const moved = await tx
		.select({ id: people.id })
		.from(people)
		.where(inArray(people.team, [...to.keys()]))
		.orderBy(people.id);
	for (let i = 0; i < moved.length; i += AT_A_TIME) {
		const locked = await lockPeople(
			tx,
			moved.slice(i, i + AT_A_TIME).map(({ id }) => id)
		);
		const renamed = locked.map((person) => ({ ...person, team: to.get(person.team) ?? person.team }));
		for (const name of new Set(renamed.map(({ team }) => team)))
			await tx
				.update(people)
				.set({ team: name, version: sql`${people.version} + 1` })
				.where(
					inArray(
						people.id,
						renamed.filter(({ team }) => team === name).map(({ id }) => id)
					)
				);
		await storeMoves(tx, renamed, now);
		for (const { id } of renamed)
			await writeAuditLine(tx, actor, { at: now, act: 'person-changed', personId: id });
	}
	await renameInFilters(tx, to);
}

async function renameInRounds(tx: Db, to: ReadonlyMap<string, string>): Promise<void> {
	const drafts = await tx
		.select({ id: rounds.id, filter: rounds.filter })
		.from(rounds)
		.where(eq(rounds.state, 'draft'))
		.for('update');
	for (const { id, filter } of drafts) {
		const teams = [...new Set(filter.teams.map((team) => to.get(team) ?? team))];
		if (teams.join('\n') === filter.teams.join('\n')) continue;
		await tx
			.update(rounds)
			.set({ filter: { ...filter, teams }, version: sql`${rounds.version} + 1` })
			.where(eq(rounds.id, id));
	}
}

async function renameInFilters(tx: Db, to: ReadonlyMap<string, string>): Promise<void> {
	const filters = await tx.select({ id: savedFilters.id, query: savedFilters.query }).from(savedFilters);
	for (const { id, query } of filters) {
		const read = new URLSearchParams(query);
		const name = to.get(read.get('team') ?? '');
		if (name === undefined) continue;
		read.set('team', name);
		await tx.update(savedFilters).set({ query: read.toString() }).where(eq(savedFilters.id, id));
	}
}
