import { bodyOf } from '$lib/core/body/body-length';
import { regionsOfFinding } from '$lib/core/questionnaire/checklist/findings';
import { findingOfCheck } from '$lib/core/questionnaire/checklist/measured-findings';
import { workCalendarAt } from '$lib/core/platform/calendar/public-holidays';
import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
import { checkCorner } from '$lib/core/workstation/checks/check-corner';
import { planCorner } from '$lib/core/plan/plan-corner';
import type { CaseRecord } from '$lib/core/cases/case-assessment/case-record';

/**
 * The rules of the assessment result read once more, apart from the core: plain loops over plain texts, with the numbers written out. What it
 * shares with the core is the calendar of public holidays, the solver of plans, lengths of the body with their sds and the table of which
 * finding goes with which region.
 */
const EMERGENCIES =
	'chest-pain sudden-breathlessness sudden-one-sided-weakness sudden-worst-headache sudden-loss-of-sight saddle-numbness thoughts-of-ending-life'.split(
		' '
	);
const URGENT = 'new-weakness one-calf-swollen back-pain-with-fever clumsy-hands'.split(' ');
const ORDER = ['emergency', 'urgent', 'clinician', 'soon', 'help', 'home', 'done'];
const DAYS_TO_ACT: Record<string, number> = { urgent: 0, clinician: 3, soon: 5, help: 10, home: 20 };
const WEEKENDS: Record<string, number[]> = { IL: [5, 6] };

type Row = {
	code: string;
	level: string;
	on: string;
	sign?: string;
	what?: string;
	finding?: string;
	refused?: boolean;
	lifted?: { on: string; how: string };
};

const later = (day: string, by: number) =>
	new Date(Date.parse(`${day}T12:00:00Z`) + by * 86_400_000).toISOString().slice(0, 10);

/** Working out a country's holidays takes some milliseconds. */
const calendars = new Map<string, ReturnType<typeof workCalendarAt>>();

function calendarOf({ country, region }: { country: string; region: string | null }) {
	const key = `${country} ${region}`;
	if (!calendars.has(key))
		calendars.set(key, workCalendarAt({ country, region }) ?? workCalendarAt({ country, region: null }));
	return calendars.get(key);
}

function worked({ country, region }: CaseRecord['place'], day: string): boolean {
	const weekend = WEEKENDS[country ?? ''] ?? [0, 6];
	if (weekend.includes(new Date(`${day}T12:00:00Z`).getUTCDay())) return false;
	if (!country) return true;
	return !calendarOf({ country, region })?.isHoliday(day as CivilDate);
}

function firstWorked(file: CaseRecord, day: string): string {
	let found = day;
	while (!worked(file.place, found)) found = later(found, 1);
	return found;
}

function afterWorkingDays(file: CaseRecord, day: string, n: number): string {
	let found = firstWorked(file, day);
	if (n > 0) found = day;
	for (let i = 0; i < n; i += 1) found = firstWorked(file, later(found, 1));
	return found;
}

/** Noticeably better (-1), worse (1), or about the same (0). */
function change(from: number, to: number): number {
	const by = Math.abs(to - from);
	const notices = by >= 2 || (by >= 1 && 10 * by >= 3 * from);
	return notices ? Math.sign(to - from) : 0;
}

type Dated = { seq: number; on: string };

const newestOf = <T extends { seq: number }>(list: readonly T[]): T | undefined =>
	[...list].sort((x, y) => x.seq - y.seq).at(-1);

/** Level, reasons and days of a file. */
export function judgedByHand(file: CaseRecord) {
	const rows: Row[] = [];
	const outcomeAfter = (of: string, seq: number) =>
		file.outcomes.some((o) => (o.of as string[]).includes(of) && o.seq > seq);
	const saidOf = (what: string, seq: number) =>
		newestOf(file.checkIns.filter((c) => c.undone.includes(what) && c.seq > seq));

	const latestOfSign = new Map<string, Dated>();
	for (const one of [...file.answers, ...file.checkIns])
		for (const sign of one.signs)
			if ((latestOfSign.get(sign)?.seq ?? -1) < one.seq) latestOfSign.set(sign, one);
	for (const [sign, { on, seq }] of latestOfSign) {
		if (outcomeAfter(sign, seq)) continue;
		const kind = EMERGENCIES.includes(sign) ? 'emergency' : URGENT.includes(sign) ? 'urgent' : 'professional';
		const row: Row = { code: `${kind}-sign`, level: kind === 'professional' ? 'clinician' : kind, on, sign };
		const lift = newestOf(file.lifted.filter((l) => l.of === sign && l.seq > seq));
		if (lift) row.lifted = { on: lift.on, how: lift.how };
		rows.push(row);
	}

	const reports: (Dated & { regions: NonNullable<CaseRecord['answers'][0]['discomfort']>; seen: boolean })[] =
		[];
	for (const one of [...file.answers, ...file.checkIns])
		if (one.discomfort)
			reports.push({ seq: one.seq, on: one.on, regions: one.discomfort, seen: one.acknowledged !== null });
	reports.sort((x, y) => x.seq - y.seq);
	const worst = (r: (typeof reports)[number]) => r.regions.reduce((w, x) => Math.max(w, x.worst), 0);

	const weak: Record<string, Dated> = {};
	for (const r of reports)
		for (const x of r.regions) {
			if (x.kinds.includes('weakness') && x.worst >= 1) weak['reported-weakness'] = r;
			if (x.kinds.includes('tingling-or-numbness') && (x.days >= 4 || x.worst >= 4))
				weak['reported-tingling'] = r;
			if (x.worst >= 7) weak.severe = r;
		}
	for (const [code, { on, seq }] of Object.entries(weak))
		if (!outcomeAfter(code, seq))
			rows.push({ code, level: code === 'reported-weakness' ? 'urgent' : 'clinician', on });

	const answered = newestOf(file.answers.filter((a) => a.findings !== null));
	const doneDays: string[] = [];
	const things = (file.plan?.things ?? []).map((t) => {
		const { done } = t;
		if (!done) return { thing: t.thing, done: null, undoneOn: null as string | null };
		const fallen = [t.undone, saidOf(t.thing, done.seq)].filter((x) => x && x.seq > done.seq) as Dated[];
		if (fallen.length === 0) doneDays.push(done.on);
		return {
			thing: t.thing,
			done: fallen.length === 0 ? done : null,
			undoneOn: newestOf(fallen)?.on ?? null
		};
	});
	let openFindings = 0;
	let plainFindings = 0;
	for (const { id, safety } of answered?.findings ?? []) {
		const tick = newestOf(file.ticks.filter((t) => t.finding === id && t.seq > (answered?.seq ?? 0)));
		if (tick) doneDays.push(tick.on);
		const fallen = tick?.how === 'done' ? saidOf(id, tick.seq) : undefined;
		const isOpen = !tick || fallen !== undefined || (tick.how === 'not-here' && safety);
		if (!isOpen) continue;
		openFindings += 1;
		if (!safety) plainFindings += 1;
		else {
			const row: Row = { code: 'hazard', level: 'soon', on: fallen?.on ?? answered?.on ?? '', finding: id };
			if (tick?.how === 'not-here') row.refused = true;
			rows.push(row);
		}
	}
	if (plainFindings > 0) rows.push({ code: 'findings', level: 'home', on: answered?.on ?? '' });
	let carried: string | null = null;
	if (things.every((t) => t.done) && openFindings === 0)
		carried = doneDays.sort().at(-1) ?? answered?.on ?? null;

	const newest = reports.at(-1);
	if (newest && carried !== null) {
		const at = carried;
		const before = reports.filter((r) => r.on <= at).at(-1);
		if (
			before &&
			newest.on >= later(at, 42) &&
			worst(newest) >= 4 &&
			change(worst(before), worst(newest)) !== -1 &&
			!outcomeAfter('not-better', newest.seq)
		)
			rows.push({ code: 'not-better', level: 'clinician', on: newest.on });
		const eased = reports.filter(
			(r) => r !== newest && r.on > at && before && change(worst(before), worst(r)) === -1
		);
		if (newest !== before && !newest.seen && eased.some((r) => change(worst(r), worst(newest)) === 1))
			rows.push({ code: 'back-again', level: 'soon', on: newest.on });
	}
	const corner = newestOf(file.answers.filter((a) => a.corner))?.corner;
	if (newest && !newest.seen) {
		if (worst(newest) >= 4 && worst(newest) <= 6)
			rows.push({ code: 'moderate', level: 'soon', on: newest.on });
		if (newest.regions.some((x) => x.hinders === 'much'))
			rows.push({ code: 'hinders-much', level: 'soon', on: newest.on });
		const after = (corner && planCorner(corner).plans[0]?.after) ?? [];
		const tied = after
			.filter((c) => c.verdict === 'off' && (c.value < c.low || c.value > (c.high ?? Infinity)))
			.flatMap((c) => {
				const finding = findingOfCheck(c.id, c.value < c.low ? 'low' : 'high');
				return finding ? [...regionsOfFinding(finding)] : [];
			});
		if (newest.regions.some((x) => x.worst >= 4 && tied.includes(x.region)))
			rows.push({ code: 'unclosable', level: 'soon', on: newest.on });
	}
	for (const { what, since } of file.waiting) rows.push({ code: 'request', level: 'help', on: since, what });
	if (file.plan && things.length > 0 && !things.some((t) => t.done)) {
		const fell = things
			.map((t) => t.undoneOn ?? '')
			.sort()
			.at(-1);
		const on = afterWorkingDays(file, fell || file.plan.on, 20);
		if (on <= file.today) rows.push({ code: 'stuck', level: 'help', on });
	}
	if (file.plan && things.some((t) => !t.done))
		rows.push({ code: 'open-plan', level: 'home', on: file.plan.on });
	if (rows.length === 0) rows.push({ code: 'nothing-open', level: 'done', on: file.today });

	const key = (r: Row) =>
		`${ORDER.indexOf(r.level)} ${r.on} ${r.code} ${r.sign ?? r.finding ?? r.what ?? ''}`;
	rows.sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0));
	const acts = rows
		.filter((r) => r.level !== 'done')
		.map((r) =>
			r.level === 'emergency'
				? r.on
				: afterWorkingDays(file, r.on, r.what === 'message' ? 1 : (DAYS_TO_ACT[r.level] ?? 0))
		)
		.sort();
	let checkIn: string | null = null;
	if (answered && carried !== null) {
		for (const [after, from] of [
			[14, 7],
			[42, 35]
		] as const) {
			const since = later(carried, from);
			if (checkIn === null && !file.checkIns.some((c) => c.on >= since))
				checkIn = firstWorked(file, later(carried, after));
		}
	} else if (answered && file.checkIns.filter((c) => c.seq > answered.seq).length < 3) {
		const last = [answered.on, newestOf(file.checkIns)?.on ?? ''].sort().at(-1) ?? '';
		checkIn = firstWorked(file, later(last, 28));
	}
	return {
		level: rows[0]?.level,
		reasons: rows,
		actBy: acts[0] ?? null,
		checkIn,
		recheck: answered
			? firstWorked(file, later(answered.on, newest && worst(newest) >= 4 ? 180 : 365))
			: null,
		standing: corner ? standingByHand(file, corner, things) : []
	};
}

/** The checks as the corner stands: each value and sd by its formula. */
function standingByHand(
	file: CaseRecord,
	corner: NonNullable<CaseRecord['answers'][0]['corner']>,
	things: readonly { thing: string; done: Dated | null }[]
) {
	const { plan } = file;
	const { spot, person } = corner;
	const doneAt = (name: string) => things.find((t) => t.thing === name)?.done?.seq ?? null;
	const has = (name: string) => plan !== null && doneAt(name) !== null;
	const measured = (name: 'seat' | 'surface' | 'feet' | 'keys' | 'screen') => {
		const at = doneAt(name);
		if (at === null) return undefined;
		const from = name === 'keys' || name === 'screen' ? Math.max(at, doneAt('surface') ?? 0) : at;
		return newestOf(file.measured.filter((m) => m.lengths[name] !== undefined && m.seq > from))?.lengths[
			name
		];
	};
	const isSitting = spot.posture === 'sitting';
	const given = plan?.option.kind === 'with-keyboard' && (has('screen') || has('keys'));
	const builtIn = spot.keys.kind === 'built-in' && !given;
	const homeRow = spot.keys.kind === 'built-in' && given ? 20 : spot.keys.homeRow;
	let s = isSitting && spot.seat ? spot.seat.height - spot.seat.give : 0;
	if (plan && has('seat')) s = (plan.heights.seat ?? s) + plan.rises.seat;
	if (isSitting) s = measured('seat') ?? s;
	let t = plan && has('surface') ? plan.heights.surface : spot.surface.height;
	t = measured('surface') ?? t;
	const bar = (isSitting && spot.seat?.footBar) || 0;
	let f = plan && has('feet') ? plan.rises.feet : bar;
	if (isSitting) f = measured('feet') ?? f;
	let m = plan && has('screen') ? plan.rises.screen : 0;
	const c = plan && has('screen') ? plan.heights.screenTopAboveBase : spot.screen.topAboveBase;
	let top = t + m + c;
	const seen = measured('screen');
	if (seen !== undefined) [top, m] = [seen, seen - c - t];
	// Keys on a tray: it moves with the surface.
	const { tray } = spot.keys;
	const low = tray ? tray.height - spot.surface.height : 0;
	let k = (plan && has('keys') ? plan.rises.keys : 0) + low;
	const underKeys = measured('keys');
	if (underKeys !== undefined) k = underKeys - t;
	const underside = tray ? Math.min(-spot.surface.thickness, low - tray.thickness) : -spot.surface.thickness;
	if (builtIn) k = m;
	const body = bodyOf(corner);
	const elbow = isSitting ? s + body.sittingElbow.mm : body.standingElbow.mm + person.heel;
	const eye = isSitting ? s + body.sittingEye.mm : body.standingEye.mm + person.heel;
	const onSurface = corner.way === 'forearms-down' && isSitting;
	const values: Record<string, number> = {
		knee: s - f - (body.popliteal.mm + person.heel),
		elbow: elbow - (t + k + (onSurface ? 0 : homeRow)),
		eye: top - eye,
		thigh: t + underside - (s + body.thigh.mm)
	};
	const softs = plan && has('seat') && isSitting && measured('seat') === undefined ? plan.rises.softs : 0;
	return checkCorner(
		given
			? { ...corner, spot: { ...spot, keys: { kind: 'separate', homeRow: 20, base: [440, 130] } } }
			: corner
	)
		.filter(({ id }) => !(id === 'elbow' && plan?.option.kind === 'reading'))
		.map(({ id, sd }) => ({
			id,
			value: Math.round((values[id] ?? 0) * 1000) / 1000,
			sd: Math.round(Math.hypot(sd, 10 * Math.sqrt(softs)) * 1000) / 1000
		}));
}
