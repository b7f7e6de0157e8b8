import { readLengthField, type FieldIssue } from '$lib/core/answers';
import { setUpAfter, type Plan } from '$lib/core/plan';
import type { Corner } from '$lib/core/corner';
import { formatLength, type LengthUnit } from '$lib/core/length';
import {
	REMEASURED_FIELDS,
	remeasuredHeightsOf,
	type RemeasuredHeights,
	type RemeasuredField
} from '$lib/core/side-view';

/** The re-measured heights, as typed. */
export class Remeasurement {
	/** Only what was typed here; the rest is as saved, or as planned. */
	private typed = $state<Partial<Record<RemeasuredField, string>>>({});
	readonly fields: readonly RemeasuredField[];
	private readonly start: RemeasuredHeights;

	/**
	 * @param kept what was kept earlier; the planned heights where nothing was
	 * @param unsent texts in this unit that were kept on the device and have not reached the server yet
	 */
	constructor(
		corner: Corner,
		plan: Plan,
		kept: RemeasuredHeights | null,
		readonly unit: LengthUnit,
		unsent: Readonly<Record<string, string>> = {}
	) {
		this.typed = Object.fromEntries(Object.entries(unsent).filter(([name]) => name in REMEASURED_FIELDS));
		this.start = kept ?? remeasuredHeightsOf(corner, setUpAfter(corner, plan));
		const standing = corner.spot.posture === 'standing';
		this.fields = standing
			? ['surface', 'keysOn', 'screenTop']
			: ['seatUnder', 'feetOn', 'surface', 'keysOn', 'screenTop'];
	}

	/** The text of a field. */
	text(field: RemeasuredField): string {
		return this.typed[field] ?? formatLength(this.start[field] ?? 0, this.unit, { withUnit: false });
	}

	/** Sets typed text. */
	set(field: RemeasuredField, text: string): void {
		this.typed[field] = text;
	}

	/** What was typed, as typed. */
	get typedTexts(): Readonly<Partial<Record<RemeasuredField, string>>> {
		return this.typed;
	}

	/** Whether anything was typed. */
	get touched(): boolean {
		return Object.keys(this.typed).length > 0;
	}

	/** What is wrong with a field, if anything. */
	issue(field: RemeasuredField): FieldIssue | null {
		const read = readLengthField(field, this.text(field), this.unit, REMEASURED_FIELDS[field]);
		return read.ok ? null : read.issue;
	}

	/** The text of every field, to be sent; null where one is unreadable. */
	get texts(): Record<string, string> | null {
		if (this.fields.some((field) => this.issue(field))) return null;
		return Object.fromEntries(this.fields.map((field) => [field, this.text(field)]));
	}

	/** The heights; unreadable ones have their previous value. */
	get lengths(): RemeasuredHeights {
		const mm = (field: RemeasuredField): number => {
			const read = readLengthField(field, this.text(field), this.unit, REMEASURED_FIELDS[field]);
			return read.ok ? read.mm : (this.start[field] ?? 0);
		};
		return {
			seatUnder: this.start.seatUnder === null ? null : mm('seatUnder'),
			feetOn: this.start.seatUnder === null ? 0 : mm('feetOn'),
			surface: mm('surface'),
			keysOn: mm('keysOn'),
			screenTop: mm('screenTop')
		};
	}
}
