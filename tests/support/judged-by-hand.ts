import { regionsOf, findingOfCheck } from '$lib/core/checklist';
import { workCalendarAt } from '$lib/core/calendar/public-holidays';
import type { CivilDate } from '$lib/core/calendar';
import { planCorner } from '$lib/core/plan';
import type { PersonFile } from '$lib/core/judgement';

/**
 * The rules of the judgement read once more, apart from the core: plain loops over plain texts, with the numbers written out. What it
 * shares with the core is the calendar of public holidays, the solver of plans and the table of which finding goes with which region.
 */
const EMERGENCIES = [
	'chest-pain',
	'sudden-one-sided-weakness',
	'sudden-worst-headache',
	'sudden-loss-of-sight',
	'saddle-numbness'
];
const ORDER = ['now', 'clinician', 'soon', 'help', 'home', 'settled'];
const DAYS_TO_ACT: Record<string, number> = { now: 0, clinician: 3, soon: 5, help: 10, home: 20 };
const WEEKENDS: Record<string, number[]> = { IL: [5, 6] };

type Row = { code: string; level: string; on: string; sign?: string; what?: string };

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

function worked({ country, region }: PersonFile['place'], day: string): boolean {
	const weekend = WEEKENDS[country ?? ''] ?? [0, 6];
	if (weekend.includes(new Date(`${day}T12:00:00Z`).getUTCDay())) return false;
	if (!country) return true;
	return !calendarOf({ country, region })?.isHoliday(day as CivilDate);
}

function firstWorked(file: PersonFile, day: string): string {
	let found = day;
	while (!worked(file.place, found)) found = later(found, 1);
	return found;
}

function afterWorkingDays(file: PersonFile, day: string, n: number): string {
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

/** Level, reasons and days of a file. */
export function judgedByHand(file: PersonFile) {
	const rows: Row[] = [];
	const outcomeSince = (of: string, day: string) =>
		file.outcomes.some((o) => (o.of as string[]).includes(of) && o.on >= day);

	const latestOfSign = new Map<string, string>();
	for (const one of [...file.answers, ...file.checkIns])
		for (const sign of one.signs) if ((latestOfSign.get(sign) ?? '') < one.on) latestOfSign.set(sign, one.on);
	for (const [sign, on] of latestOfSign)
		if (!outcomeSince(sign, on))
			rows.push(
				EMERGENCIES.includes(sign)
					? { code: 'emergency-sign', level: 'now', on, sign }
					: { code: 'professional-sign', level: 'clinician', on, sign }
			);

	const reports: {
		on: string;
		from: number;
		regions: NonNullable<PersonFile['answers'][0]['discomfort']>;
		seen: boolean;
	}[] = [];
	for (const a of file.answers)
		if (a.discomfort)
			reports.push({ on: a.on, from: 0, regions: a.discomfort, seen: a.acknowledged !== null });
	for (const c of file.checkIns)
		if (c.discomfort)
			reports.push({ on: c.on, from: 1, regions: c.discomfort, seen: c.acknowledged !== null });
	reports.sort((a, b) => (a.on === b.on ? a.from - b.from : a.on < b.on ? -1 : 1));
	const worst = (r: (typeof reports)[number]) => r.regions.reduce((w, x) => Math.max(w, x.worst), 0);

	const weak: Record<string, string> = {};
	for (const r of reports)
		for (const x of r.regions) {
			if (x.kinds.includes('weakness') && x.worst >= 1) weak['reported-weakness'] = r.on;
			if (x.kinds.includes('tingling-or-numbness') && (x.days >= 4 || x.worst >= 4))
				weak['reported-tingling'] = r.on;
			if (x.worst >= 7) weak.severe = r.on;
		}
	for (const [code, on] of Object.entries(weak))
		if (!outcomeSince(code, on)) rows.push({ code, level: 'clinician', on });

	const things = (file.plan?.things ?? []).map((t) => {
		let undone = t.undone !== null;
		for (const c of file.checkIns)
			if ((c.undone as string[]).includes(t.thing) && (t.done === null || c.on >= t.done)) undone = true;
		return { done: t.done, stands: t.done !== null && !undone };
	});
	let carried: string | null = null;
	if (file.plan && things.every((t) => t.stands))
		for (const t of things) if (t.done && (carried === null || t.done > carried)) carried = t.done;

	const newest = reports.at(-1);
	if (newest && carried !== null) {
		const at = carried;
		const before = reports.filter((r) => r.on <= at).at(-1);
		if (
			before &&
			newest.on >= later(at, 42) &&
			worst(newest) >= 4 &&
			change(worst(before), worst(newest)) !== -1 &&
			!outcomeSince('not-better', newest.on)
		)
			rows.push({ code: 'not-better', level: 'clinician', on: newest.on });
		const eased = reports.filter(
			(r) => r !== newest && r.on > at && before && change(worst(before), worst(r)) === -1
		);
		if (newest.on > at && !newest.seen && eased.some((r) => change(worst(r), worst(newest)) === 1))
			rows.push({ code: 'back-again', level: 'soon', on: newest.on });
	}
	if (newest && !newest.seen) {
		if (worst(newest) >= 4 && worst(newest) <= 6)
			rows.push({ code: 'moderate', level: 'soon', on: newest.on });
		if (newest.regions.some((x) => x.hinders === 'much'))
			rows.push({ code: 'hinders-much', level: 'soon', on: newest.on });
		const corner = file.answers.filter((a) => a.corner).at(-1)?.corner;
		const after = (corner && planCorner(corner).plans[0]?.after) ?? [];
		const tied = after
			.filter((c) => c.verdict === 'off' && (c.value < c.low || c.value > (c.high ?? Infinity)))
			.flatMap((c) => {
				const finding = findingOfCheck(c.id, c.value < c.low ? 'low' : 'high');
				return finding ? [...regionsOf(finding)] : [];
			});
		if (newest.regions.some((x) => x.worst >= 4 && tied.includes(x.region)))
			rows.push({ code: 'unclosable', level: 'soon', on: newest.on });
	}
	for (const { what, since } of file.waiting) rows.push({ code: 'request', level: 'help', on: since, what });
	if (file.plan && !things.some((t) => t.stands)) {
		const on = afterWorkingDays(file, file.plan.on, 20);
		if (on <= file.today) rows.push({ code: 'stuck', level: 'help', on });
	}
	if (file.plan && carried === null) rows.push({ code: 'open-plan', level: 'home', on: file.plan.on });
	if (rows.length === 0) rows.push({ code: 'nothing-open', level: 'settled', on: file.today });

	const key = (r: Row) => `${ORDER.indexOf(r.level)} ${r.on} ${r.code} ${r.sign ?? r.what ?? ''}`;
	rows.sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0));
	const acts = rows
		.filter((r) => r.level !== 'settled')
		.map((r) => afterWorkingDays(file, r.on, DAYS_TO_ACT[r.level] ?? 0))
		.sort();
	let checkIn: string | null = null;
	if (carried !== null)
		for (const [after, from] of [
			[14, 7],
			[42, 35]
		] as const) {
			const since = later(carried, from);
			if (checkIn === null && !file.checkIns.some((c) => c.on >= since))
				checkIn = firstWorked(file, later(carried, after));
		}
	const answered = file.answers
		.map((a) => a.on)
		.sort()
		.at(-1);
	return {
		level: rows[0]?.level,
		reasons: rows,
		actBy: acts[0] ?? null,
		checkIn,
		recheck: answered ? firstWorked(file, later(answered, newest && worst(newest) >= 4 ? 180 : 365)) : null
	};
}
