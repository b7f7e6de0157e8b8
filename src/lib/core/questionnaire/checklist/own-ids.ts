import { CHECKLIST_STATIONS, type ChecklistStation } from './stations';

/**
 * Id of a question or problem that an organisation has added. It says what never changes about it, the station and whether it is about
 * safety, so that a stored answer can be understood without the checklist it belongs to.
 */
export type OwnId = `own-${string}`;

/** How such an id is written. */
export const OWN_ID_PATTERN = `own-(?:${CHECKLIST_STATIONS.join('|')})-[1-9][0-9]{0,3}(?:-safety)?`;

const PARTS = new RegExp(`^own-(${CHECKLIST_STATIONS.join('|')})-([1-9][0-9]{0,3})(-safety)?$`);

/** How an answer to an added question is written. */
export const OWN_ANSWER_PATTERN = 'a[1-9][0-9]?';

/** Whether something was added by an organisation. */
export const isOwnId = (id: string): id is OwnId => PARTS.test(id);

/** The station of something added; null for any other id. */
export const stationOfOwnId = (id: string): ChecklistStation | null =>
	(PARTS.exec(id)?.[1] as ChecklistStation | undefined) ?? null;

/** Whether something added is about safety. */
export const isOwnSafetyId = (id: string): boolean => PARTS.exec(id)?.[3] !== undefined;

/** The id of something added. */
export const ownId = (station: ChecklistStation, number: number, isSafety: boolean): OwnId =>
	`own-${station}-${number}${isSafety ? '-safety' : ''}`;

/** The number in such an id; 0 for any other. */
export const numberOfOwnId = (id: string): number => Number(PARTS.exec(id)?.[2] ?? 0);
