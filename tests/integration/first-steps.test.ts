import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { NO_COVER } from '$lib/core/platform/cover';
import { UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import { setCover } from '$lib/server/platform/cover/cover-settings';
import { readFirstSteps } from '$lib/server/platform/organisation/first-steps';
import { setOrganisation } from '$lib/server/platform/organisation/set-organisation';
import { setCrisisLine } from '$lib/server/cases/warning-signs/crisis-lines';
import { Desk } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

describe('a newcomer’s first day', () => {
	it('has steps that are ticked as they are done, and ends with the first self-assessment sent', async () => {
		const none = { organisation: false, cover: false, crisisLine: false, people: false };
		expect(await readFirstSteps(db())).toEqual(none);
		const organisation = { ...UNSET_ORGANISATION, name: 'Example Works', contactName: 'Oriel Example' };
		await setOrganisation(db(), desk.coordinator, { organisation, version: 0 }, now);
		expect(await readFirstSteps(db())).toEqual({ ...none, organisation: true });
		// Saved without anybody to alert, it is still to be done.
		await setCover(db(), desk.coordinator, { cover: NO_COVER, version: 0 }, now);
		expect((await readFirstSteps(db()))?.cover).toBe(false);
		await setCover(db(), desk.coordinator, { cover: { ...NO_COVER, minutes: 30 }, version: 1 }, now);
		const line = { country: 'GB', name: 'An invented line', phone: '+44 20 7946 0199' };
		await setCrisisLine(db(), desk.coordinator, line, now);
		const personId = await desk.person();
		expect(await readFirstSteps(db())).toEqual({
			organisation: true,
			cover: true,
			crisisLine: true,
			people: true
		});
		await desk.send(personId);
		expect(await readFirstSteps(db())).toBeNull();
	});
});
