import { pieceIds } from '../corner/piece-ids';
import type { Corner, HouseholdItem } from '../corner/corner';
import { placementModes, type PlacementMode } from './placement-modes';
import { highestStackMm, STATIONS, stationRules, type Station, type StationRule } from './stations';

/** The placement modes of an item that each station accepts. */
type ModesByStation = Readonly<Record<Station, readonly PlacementMode[]>>;

/** Items identical in everything the plan considers, so that the solver need not tell them apart. */
export interface PieceType {
	/** Ids of the identical items, sorted by code unit: the first is used first. */
	readonly ids: readonly string[];
	readonly modes: ModesByStation;
}

function takes(rule: StationRule, item: HouseholdItem, { rise, footprint }: PlacementMode): boolean {
	return (
		rule.kinds.includes(item.kind) &&
		footprint[0] >= rule.smallest[0] &&
		footprint[1] >= rule.smallest[1] &&
		rise <= highestStackMm(rule, footprint)
	);
}

function modesByStation(item: HouseholdItem, rules: Readonly<Record<Station, StationRule>>): ModesByStation {
	const modes = placementModes(item);
	const of = (station: Station) => modes.filter((mode) => takes(rules[station], item, mode));
	return {
		seat: of('seat'),
		feet: of('feet'),
		keys: of('keys'),
		mouse: of('mouse'),
		screen: of('screen')
	};
}

function signature(modes: ModesByStation): string {
	return STATIONS.map((s) =>
		modes[s].map((m) => `${m.name}=${m.rise}@${m.footprint.join('x')}`).join(',')
	).join('|');
}

/**
 * The household items grouped into types of identical ones, without what fits no station here. Two books of one size with different labels
 * are one type. Sorted by the smallest id, so the same document always gives the same list.
 * @param inUse ids of items used elsewhere
 */
export function pieceTypes(
	corner: Pick<Corner, 'spot' | 'household'>,
	inUse: ReadonlySet<string> = new Set()
): PieceType[] {
	const rules = stationRules(corner);
	const types = new Map<string, { ids: string[]; modes: ModesByStation }>();
	for (const item of corner.household) {
		const modes = modesByStation(item, rules);
		if (STATIONS.every((station) => modes[station].length === 0)) continue;
		const key = signature(modes);
		const type = types.get(key) ?? { ids: [], modes };
		type.ids.push(...pieceIds(item.id, item.count ?? 1).filter((id) => !inUse.has(id)));
		types.set(key, type);
	}
	return [...types.values()]
		.filter(({ ids }) => ids.length > 0)
		.map(({ ids, modes }) => ({ ids: ids.sort(compareCodeUnits), modes }))
		.sort((a, b) => compareCodeUnits(a.ids[0] ?? '', b.ids[0] ?? ''));
}

/** Compares strings by UTF-16 code units: the same on every machine, unlike a locale's order. */
export function compareCodeUnits(a: string, b: string): number {
	return a < b ? -1 : a > b ? 1 : 0;
}
