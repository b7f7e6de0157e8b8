import { readLengthField, type FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
import { setUpAfter, type Plan } from '$lib/core/plan/plan-corner';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import {
	REMEASURED_FIELDS,
	remeasuredHeightsOf,
	type MeasuredHeights,
	type RemeasuredHeights,
	type RemeasuredField
} from '$lib/core/workstation/side-view/remeasured-heights';

/** What is known before anything is typed. */
export interface HeightsBefore {
	/** What was measured and saved earlier; null where nothing was. */
	readonly kept: MeasuredHeights | null;
	/** Heights as they are now, by the answers and the steps done: what the drawing shows where nobody measured. */
	readonly standing: RemeasuredHeights;
}

/** The re-measured heights, as typed. Only what the person typed or saved is a value; what the plan comes to is told beside it. */
export class Remeasurement {
	private typed = $state<Partial<Record<RemeasuredField, string>>>({});
	readonly fields: readonly RemeasuredField[];
	/** The heights that the plan comes to, as a hint. */
	readonly planned: RemeasuredHeights;

	/** @param unsent texts in this unit that were kept on the device and have not reached the server yet */
	constructor(
		corner: Corner,
		plan: Plan,
		private readonly before: HeightsBefore,
		readonly unit: LengthUnit,
		unsent: Readonly<Record<string, string>> = {}
	) {
		this.typed = Object.fromEntries(Object.entries(unsent).filter(([name]) => name in REMEASURED_FIELDS));
		this.planned = remeasuredHeightsOf(corner, setUpAfter(corner, plan));
		const standing = corner.spot.posture === 'standing';
		this.fields = standing
			? ['surface', 'keysOn', 'screenTop']
			: ['seatUnder', 'feetOn', 'surface', 'keysOn', 'screenTop'];
	}

	/** The text of a field; empty where nobody measured. */
	text(field: RemeasuredField): string {
		const kept = this.before.kept?.[field] ?? null;
		return this.typed[field] ?? (kept === null ? '' : formatLength(kept, this.unit, { withUnit: false }));
	}

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

	/** Whether there is no height to save. */
	get isEmpty(): boolean {
		return this.fields.every((field) => this.text(field).trim() === '');
	}

	/** What is wrong with a field, if anything. */
	issue(field: RemeasuredField): FieldIssue | null {
		const read = this.read(field);
		return read && !read.ok ? read.issue : null;
	}

	/** A field's height; null where it is empty. */
	private read(field: RemeasuredField) {
		const text = this.text(field);
		return text.trim() === '' ? null : readLengthField(field, text, this.unit, REMEASURED_FIELDS[field]);
	}

	/** The text of every field, to be sent; null where one is unreadable. */
	get texts(): Record<string, string> | null {
		if (this.fields.some((field) => this.issue(field))) return null;
		return Object.fromEntries(this.fields.map((field) => [field, this.text(field)]));
	}

	/** The heights; those that nobody measured, and unreadable ones, as they are now. */
	get lengths(): RemeasuredHeights {
		const { standing } = this.before;
		const mm = (field: RemeasuredField): number => {
			const read = this.read(field);
			return read?.ok ? read.mm : (standing[field] ?? 0);
		};
		return {
			seatUnder: standing.seatUnder === null ? null : mm('seatUnder'),
			feetOn: standing.seatUnder === null ? 0 : mm('feetOn'),
			surface: mm('surface'),
			keysOn: mm('keysOn'),
			screenTop: mm('screenTop')
		};
	}
}
