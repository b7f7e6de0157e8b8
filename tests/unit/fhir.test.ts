import type { Corner } from '$lib/core/workstation/corner/corner';
import type { Bundle } from 'fhir/r4';
import { describe, expect, it } from 'vitest';
import { discomfortFromAnswers } from '$lib/core/questionnaire/answers/discomfort-answers';
import { redFlagsOf } from '$lib/core/questionnaire/answers/checklist-fields';
import { CHECKLIST_VERSIONS, newestChecklist } from '$lib/core/questionnaire/checklist/checklist';
import { RED_FLAGS } from '$lib/core/cases/discomfort/red-flags';
import { fhirLengthsOf, type FhirRecord } from '$lib/core/platform/fhir/fhir-record';
import { writeBundle } from '$lib/core/platform/fhir/write-bundle';
import { readBundle } from '$lib/core/platform/fhir/read-bundle';
import { fhirWords } from '$lib/messages/desk/fhir-words';
import { Dice } from '../../seed/random';
import { fhirFaults } from '../support/fhir-checks';
import { randomAnswers } from '../support/random-answers';
import { randomCorner } from '../support/random-corner';
import { referenceText } from '../support/reference';

const words = fhirWords('en');
const checklist = newestChecklist(CHECKLIST_VERSIONS);
const checklistAt = (version: number) =>
	CHECKLIST_VERSIONS.find((one) => one.version === version) ?? { ...checklist, version };
const MADE = '2026-11-30T08:00:00.000Z';

/** The same with an eye height from a photo, for every other one. */
const withPhoto = (corner: Corner, n: number): Corner =>
	n % 2 === 0
		? corner
		: { ...corner, body: { ...corner.body, sittingEye: { mm: 742, by: 'photo', sd: 14 } } };

function uuid(dice: Dice): string {
	const hex = (n: number) => Array.from({ length: n }, () => dice.int(0, 15).toString(16)).join('');
	return `${hex(8)}-${hex(4)}-4${hex(3)}-8${hex(3)}-${hex(12)}`;
}

/** A person with self-assessments, reports, signs and referrals by chance. */
function randomRecord(seed: number): FhirRecord {
	const dice = new Dice(seed);
	const at = (n: number) =>
		new Date(Date.UTC(2025, 0, 1 + n * 20, dice.int(0, 23), dice.int(0, 59))).toISOString();
	const assessments = Array.from({ length: dice.int(0, 3) }, (_, n) => {
		const answers = Object.fromEntries(
			Object.entries({ ...randomAnswers(seed * 10 + n), 'pad.pillow': '45' }).filter(
				([, text]) => text !== ''
			)
		);
		return {
			id: uuid(dice),
			checklistVersion: dice.pick(CHECKLIST_VERSIONS.map(({ version }) => version)),
			at: at(n),
			answers,
			lengths: fhirLengthsOf(withPhoto(randomCorner(seed * 10 + n, { rigid: 2, soft: 1, span: 0 }), n))
		};
	});
	const reported = assessments.map(({ id, at: when, answers }) => ({
		id,
		at: when,
		regions: discomfortFromAnswers(answers).reports
	}));
	const later = {
		id: uuid(dice),
		at: at(9),
		regions: [{ region: 'knee', side: 'both', worst: 3, days: 2, hinders: 'no', kinds: [] }]
	} as const;
	return {
		person: {
			id: uuid(dice),
			name: dice.pick(['Ása <b>"Wide"</b>', 'Niall Thistledown', '王芳']),
			email: dice.chance(0.9) ? 'somebody@lanterns.example' : '',
			phone: dice.chance(0.5) ? '+44 1632 960000' : '',
			staffNumber: dice.chance(0.5) ? `N-${seed}` : '',
			language: dice.pick(['en', 'de', 'fr', 'es', 'en-US'])
		},
		assessments,
		discomfort: [...reported, later].filter(({ regions }) => regions.length > 0),
		signs: assessments.flatMap(({ answers, at: when }) =>
			redFlagsOf(answers)
				.slice(0, 3)
				.map((sign) => ({ id: uuid(dice), sign, at: when, takenBackAt: dice.chance(0.3) ? at(10) : null }))
		),
		referrals: Array.from({ length: dice.int(0, 2) }, (_, n) => {
			const ended = dice.chance(0.5);
			return {
				id: uuid(dice),
				at: at(5 + n),
				to: dice.chance(0.5) ? 'Dr Benedikt Moorsole' : '',
				question: 'Is a height-adjustable table justified?',
				answerBy: dice.chance(0.5) ? '2026-12-24' : null,
				consentHow: dice.pick(['spoken', 'written', null] as const),
				endedAt: ended ? at(8 + n) : null,
				outcome: ended && dice.chance(0.7) ? 'Yes.\nFor now.' : ''
			};
		})
	};
}

const bundleOf = (record: FhirRecord) => writeBundle(record, checklistAt, words, MADE);

/** A bundle as another program has it: text, and back. */
const asFile = (bundle: unknown) => JSON.parse(JSON.stringify(bundle)) as unknown;

describe('a person as an HL7 FHIR R4 bundle', () => {
	it('holds to the published schema, to what it leaves open, and to itself, whatever was answered', () => {
		for (let seed = 1; seed <= 4; seed += 1)
			expect(fhirFaults(bundleOf(randomRecord(seed))), `seed ${seed}`).toEqual([]);
	});

	it('is checked by a checker that finds faults, and finds none in a good bundle', () => {
		expect(fhirFaults(JSON.parse(referenceText('fhir-bundle-example.json')) as Bundle)).toEqual([]);
		const bundle = bundleOf(randomRecord(3));
		const broken = (change: (resource: Record<string, unknown>) => void, type: string) => {
			const copy = structuredClone(bundle);
			for (const { resource } of copy.entry ?? [])
				if (resource?.resourceType === type) change(resource as unknown as Record<string, unknown>);
			return fhirFaults(copy);
		};
		expect(broken((one) => (one.status = 'done'), 'Observation').join()).toMatch(/status/);
		expect(broken((one) => delete one.status, 'Questionnaire').join()).toMatch(/status/);
		expect(broken((one) => (one.questionnaire = 'urn:other|1'), 'QuestionnaireResponse').join()).toMatch(
			/urn:other/
		);
		expect(broken((one) => (one.subject = { reference: 'urn:uuid:nobody' }), 'Observation').join()).toMatch(
			/nobody/
		);
	});

	it('is read back as it was written, in whatever order its resources stand, beside those of other programs', () => {
		for (let seed = 1; seed <= 60; seed += 1) {
			const record = randomRecord(seed);
			const bundle = bundleOf(record);
			const foreign = {
				resource: { resourceType: 'Observation', status: 'final', code: { text: 'Foreign' } }
			};
			const stranger = { resource: { resourceType: 'Patient', id: '7', name: [{ family: 'Stranger' }] } };
			const entry = [...(bundle.entry ?? []), foreign, stranger].reverse();
			const read = readBundle(asFile({ ...bundle, entry }));
			if (!read.ok) throw new Error(`${seed}: ${read.issue.text}`);
			expect(read.value.skipped).toBe(2);
			const inOrder = (one: FhirRecord | undefined) => ({
				...one,
				assessments: one?.assessments.map((a) => ({
					...a,
					lengths: [...a.lengths].sort((x, y) => x.name.localeCompare(y.name))
				})),
				discomfort: one?.discomfort.map((d) => ({
					...d,
					regions: [...d.regions].sort((x, y) => `${x.region}${x.side}`.localeCompare(`${y.region}${y.side}`))
				})),
				signs: [...(one?.signs ?? [])].sort((x, y) => x.id.localeCompare(y.id))
			});
			expect(inOrder(read.value.records[0]), `seed ${seed}`).toEqual(inOrder(record));
			expect(read.value.records).toHaveLength(1);
		}
	});

	it('keeps every warning sign, also one that was taken back', () => {
		const record: FhirRecord = {
			...randomRecord(2),
			signs: RED_FLAGS.map((sign, i) => ({
				id: uuid(new Dice(i)),
				sign,
				at: MADE,
				takenBackAt: i % 2 === 0 ? MADE : null
			}))
		};
		const read = readBundle(asFile(bundleOf(record)));
		expect(read.ok && read.value.records[0]?.signs.map(({ sign }) => sign).sort()).toEqual(
			[...RED_FLAGS].sort()
		);
	});

	it('is refused with the place of what is wrong, and reads nothing then', () => {
		const bundle = bundleOf(randomRecord(4));
		const at = (bundle.entry ?? []).findIndex(
			({ resource }) => resource?.resourceType === 'QuestionnaireResponse'
		);
		const withEntry = (change: Record<string, unknown>) => {
			const entry = structuredClone(bundle.entry ?? []);
			Object.assign(entry[at]?.resource ?? {}, change);
			return readBundle(asFile({ ...bundle, entry }));
		};
		expect(withEntry({})).toMatchObject({ ok: true });
		for (const change of [
			{ authored: 'yesterday' },
			{ subject: { reference: 'Patient/7' } },
			{ item: [{ linkId: 'stature', answer: [{ valueString: '170', valueCoding: { code: 'x' } }, {}] }] },
			{ id: '7' }
		])
			expect(withEntry(change)).toMatchObject({
				ok: false,
				issue: { at: expect.stringContaining(`/entry/${at}/resource/`) as unknown }
			});
		const unasked = { linkId: 'stature', answer: [{ valueString: '170' }] };
		expect(withEntry({ item: [unasked] })).toMatchObject({ ok: true });
		expect(withEntry({ item: [{ ...unasked, linkId: 'shoe-size' }] })).toMatchObject({
			ok: false,
			issue: { text: `/entry/${at}/resource answers “shoe-size”, a question that we never ask` }
		});
		const alone = (bundle.entry ?? []).filter(({ resource }) => resource?.resourceType !== 'Patient');
		expect(readBundle({ ...bundle, entry: alone })).toMatchObject({ ok: false, issue: { at: '/entry' } });
		for (const other of [null, 7, [], {}, { resourceType: 'Patient' }, { resourceType: 'Bundle', entry: {} }])
			expect(readBundle(other)).toMatchObject({ ok: false });
		expect(readBundle({ resourceType: 'Bundle' })).toEqual({ ok: true, value: { records: [], skipped: 0 } });
	});
});
