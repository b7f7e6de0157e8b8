import { BODY_SIDES, type Region } from '../../cases/discomfort/regions';
import {
	DISCOMFORT_KINDS,
	regionReportIssues,
	WORK_INTERFERENCE,
	type RegionReport
} from '../../cases/discomfort/report';
import type { RedFlag } from '../../cases/discomfort/red-flags';
import type { BodyMeasuringMethod } from '../../workstation/corner/vocabulary';
import type { Checked, Issue } from '../issue';
import {
	checkBundle,
	CHECKS,
	type OurKind,
	type OurObservation,
	type OurPatient,
	type OurRequest,
	type OurResponse
} from './bundle-schema';
import type { FhirLength, FhirLengthName, FhirRecord } from './fhir-record';
import { answersOfResponse, unknownLinkIn } from './read-response';
import { FHIR_SYSTEMS, NO_OUTCOME, QUESTIONNAIRE_URL } from './systems';

type Resource = { readonly resourceType: string } & Readonly<Record<string, unknown>>;

/** What was read from a bundle. */
export interface ReadBundle {
	readonly records: readonly FhirRecord[];
	/** Resources that aren't ours, and so weren't read; questionnaires aren't counted. */
	readonly skipped: number;
}

/** A record while it is put together: its resources may stand in any order. */
interface Draft {
	person: OurPatient | null;
	readonly responses: OurResponse[];
	readonly lengths: OurObservation[];
	readonly regions: OurObservation[];
	readonly signs: OurObservation[];
	readonly requests: OurRequest[];
}

const codings = (resource: Resource): readonly { system?: unknown }[] => {
	const { coding } = (resource.code ?? {}) as { coding?: unknown };
	return Array.isArray(coding) ? (coding as { system?: unknown }[]) : [];
};

const isNumbered = ({ identifier }: Resource, system: string): boolean =>
	Array.isArray(identifier) && identifier.some((one: { system?: unknown } | null) => one?.system === system);

/** Which of ours a resource is; null for one of somebody else's. */
function kindOf(resource: Resource): OurKind | null {
	const has = (system: string) => codings(resource).some((one) => one.system === system);
	switch (resource.resourceType) {
		case 'Patient':
			return isNumbered(resource, FHIR_SYSTEMS.person) ? 'patient' : null;
		case 'QuestionnaireResponse':
			return String(resource.questionnaire).startsWith(`${QUESTIONNAIRE_URL}|`) ? 'response' : null;
		case 'Observation':
			if (has(FHIR_SYSTEMS.length)) return 'length';
			if (has(FHIR_SYSTEMS.region)) return 'region';
			return has(FHIR_SYSTEMS.sign) ? 'sign' : null;
		case 'ServiceRequest':
			return isNumbered(resource, FHIR_SYSTEMS.source) ? 'request' : null;
		default:
			return null;
	}
}

const codeIn = ({ code }: OurObservation, system: string): string =>
	code.coding.find((one) => one.system === system)?.code ?? '';

const personOf = (reference: string): string => reference.slice('urn:uuid:'.length);

const inTime = <T extends { readonly at: string }>(rows: T[]): T[] =>
	rows.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));

/** The report on a region in an observation's components, or what is wrong with it. */
function reportOf(observation: OurObservation): RegionReport | string {
	const parts = (observation.component ?? []).map((one) => ({
		code: one.code.coding[0]?.code ?? '',
		number: one.valueInteger ?? -1,
		value: one.valueCodeableConcept?.coding[0]?.code ?? ''
	}));
	const find = (code: string) => parts.find((part) => part.code === code);
	const all = (code: string) => parts.flatMap((part) => (part.code === code ? [part.value] : []));
	const region = codeIn(observation, FHIR_SYSTEMS.region) as Region;
	const named = find('side')?.value ?? null;
	const side = BODY_SIDES.find((one) => one === named) ?? null;
	const hinders = WORK_INTERFERENCE.find((one) => one === find('hinders')?.value);
	const kinds = DISCOMFORT_KINDS.filter((kind) => all('kind').includes(kind));
	if (!hinders) return 'doesn’t say whether it hinders work';
	if (named !== side) return 'has a side that isn’t left, right or both';
	if (kinds.length < all('kind').length) return 'names a kind of discomfort that isn’t known';
	const places = all('part') as NonNullable<RegionReport['parts']>;
	const report: RegionReport = {
		region,
		side,
		worst: find('worst')?.number ?? -1,
		days: find('days')?.number ?? -1,
		hinders,
		kinds,
		...(places.length > 0 ? { parts: places } : {})
	};
	const [fault] = regionReportIssues([report]);
	return fault ? fault.text : report;
}

function lengthsOf(observations: readonly OurObservation[], id: string): FhirLength[] {
	return observations
		.filter(({ identifier }) => identifier?.[0]?.value === id)
		.map((one) => {
			const sd = one.component?.[0]?.valueQuantity?.value;
			return {
				name: codeIn(one, FHIR_SYSTEMS.length) as FhirLengthName,
				mm: one.valueQuantity?.value ?? 0,
				by: one.method?.coding[0]?.code as BodyMeasuringMethod,
				...(sd === undefined ? {} : { sd })
			};
		});
}

/** The reports of one day or self-assessment, put together from their regions. */
function discomfortOf(observations: readonly OurObservation[]): FhirRecord['discomfort'] {
	const reports = new Map<string, { id: string; at: string; regions: RegionReport[] }>();
	for (const one of observations) {
		const id = one.identifier?.[0]?.value ?? '';
		const report = reportOf(one);
		if (typeof report === 'string') continue;
		const known = reports.get(id);
		if (known) known.regions.push(report);
		else reports.set(id, { id, at: one.effectiveDateTime, regions: [report] });
	}
	return inTime([...reports.values()]);
}

function recordOf({ person, ...draft }: Draft): FhirRecord | null {
	if (!person) return null;
	const contact = (system: string) => person.telecom?.find((one) => one.system === system)?.value ?? '';
	return {
		person: {
			id: person.id,
			name: person.name[0]?.text ?? '',
			email: contact('email'),
			phone: contact('phone'),
			staffNumber: person.identifier.find(({ system }) => system === FHIR_SYSTEMS.staffNumber)?.value ?? '',
			language: person.communication?.[0]?.language.coding[0]?.code ?? ''
		},
		assessments: inTime(
			draft.responses.map((one) => ({
				id: one.id,
				checklistVersion: Number(one.questionnaire.split('|')[1]),
				at: one.authored,
				answers: answersOfResponse(one),
				lengths: lengthsOf(draft.lengths, one.id)
			}))
		),
		discomfort: discomfortOf(draft.regions),
		signs: inTime(
			draft.signs.map((one) => ({
				id: one.id,
				sign: codeIn(one, FHIR_SYSTEMS.sign) as RedFlag,
				at: one.effectiveDateTime,
				takenBackAt: one.component?.[0]?.valueDateTime ?? null
			}))
		),
		referrals: inTime(
			draft.requests.map((one) => {
				const [note] = one.note ?? [];
				return {
					id: one.id,
					at: one.authoredOn,
					to: one.performer?.[0]?.display ?? '',
					question: one.reasonCode[0]?.text ?? '',
					answerBy: one.occurrenceDateTime ?? null,
					consentHow: one.extension?.[0]?.valueCode ?? null,
					endedAt: note?.time ?? null,
					outcome: note && note.text !== NO_OUTCOME ? note.text : ''
				};
			})
		)
	};
}

const fault = (at: string, text: string): { ok: false; issue: Issue } => ({
	ok: false,
	issue: { code: 'fhir', at, text: `${at} ${text}` }
});

/**
 * Reads back what `writeBundle` writes: people with their self-assessments, lengths, discomfort, warning signs and referrals, whatever the
 * order of the resources. Resources of other programs are left alone and counted. Nothing of ours is guessed at: the first that doesn't hold
 * to its schema is named. Cost: linear in the bundle.
 */
export function readBundle(value: unknown): Checked<ReadBundle> {
	const checked = checkBundle(value);
	if (!checked.ok) return checked;
	const drafts = new Map<string, Draft>();
	const draftOf = (id: string): Draft => {
		const known = drafts.get(id);
		if (known) return known;
		const made: Draft = { person: null, responses: [], lengths: [], regions: [], signs: [], requests: [] };
		drafts.set(id, made);
		return made;
	};
	let skipped = 0;
	for (const [i, { resource }] of (checked.value.entry ?? []).entries()) {
		if (resource.resourceType === 'Questionnaire') continue;
		const kind = kindOf(resource);
		if (kind === null) {
			skipped += 1;
			continue;
		}
		const at = `/entry/${i}/resource`;
		const read = CHECKS[kind](resource);
		if (!read.ok)
			return {
				ok: false,
				issue: { ...read.issue, at: at + read.issue.at, text: `${at}: ${read.issue.text}` }
			};
		if (kind === 'patient') {
			const person = read.value as OurPatient;
			const draft = draftOf(person.id);
			if (draft.person) return fault(at, 'is a person who stands twice in the bundle');
			draft.person = person;
			continue;
		}
		const { subject } = read.value as { readonly subject: { readonly reference: string } };
		const draft = draftOf(personOf(subject.reference));
		if (kind === 'response') {
			const response = read.value as OurResponse;
			const unknown = unknownLinkIn(response);
			if (unknown !== null) return fault(at, `answers “${unknown}”, a question that we never ask`);
			draft.responses.push(response);
		} else if (kind === 'request') draft.requests.push(read.value as OurRequest);
		else {
			const observation = read.value as OurObservation;
			if (kind === 'region') {
				const report = reportOf(observation);
				if (typeof report === 'string') return fault(at, report);
			}
			draft[kind === 'length' ? 'lengths' : kind === 'region' ? 'regions' : 'signs'].push(observation);
		}
	}
	const nameless = [...drafts].find(([, { person }]) => person === null);
	if (nameless) return fault('/entry', `has no Patient ${nameless[0]}, to whom other resources belong`);
	return {
		ok: true,
		value: { records: [...drafts.values()].flatMap((one) => recordOf(one) ?? []), skipped }
	};
}
