import {
	CORNER_MARKS,
	PHOTO_JOINTS,
	UPRIGHT_MARKS,
	type PhotoMarkName,
	type PhotoMarks,
	type PhotoScale,
	type PicturePoint,
	type SheetCorners
} from '$lib/core/body/side-photo/marks';
import { findSheetCorners } from '$lib/core/body/side-photo/find-sheet-corners';
import { readSidePhoto, type PhotoPerson } from '$lib/core/body/side-photo/read-side-photo';
import type { SidePhotoReading } from '$lib/core/body/side-photo/photo-values';
import type { OpenPicture } from './load-picture';

/** What the picture is read with. */
export interface PhotoSubject {
	readonly person: PhotoPerson;
	readonly isSitting: boolean;
	/** Height of the table, where it is known, mm. */
	readonly table: { readonly mm: number; readonly sd: number } | null;
}

/** A picture being marked, and what it says once everything is. Nothing of it leaves the page. */
export class PhotoSession {
	picture = $state.raw<OpenPicture | null>(null);
	scale = $state<PhotoScale>('a4');
	/** How many upright lines there are in the picture; the person can go on with fewer. */
	uprights = $state<number>(UPRIGHT_MARKS.length);
	/** The mark being moved or placed last. */
	active = $state<PhotoMarkName | null>(null);
	/** Whether the edges of the sheet were found; null where they have not been looked for. */
	edges = $state<'found' | 'not-found' | null>(null);
	marks = $state.raw<Partial<Record<PhotoMarkName, PicturePoint>>>({});
	reading = $state.raw<SidePhotoReading | null>(null);
	/** How exactly found edges say where the corners are, px. */
	private sdPx: number | null = null;

	readonly order: readonly PhotoMarkName[] = $derived.by(() => [
		...(this.scale === 'table' ? (['tableTop'] as const) : CORNER_MARKS),
		'floor',
		...(this.of().isSitting ? (['seat'] as const) : []),
		...PHOTO_JOINTS,
		...UPRIGHT_MARKS.slice(0, this.uprights).flat()
	]);
	readonly next: PhotoMarkName | null = $derived.by(
		() => this.order.find((name) => !this.marks[name]) ?? null
	);

	constructor(private readonly of: () => PhotoSubject) {}

	/** Starts over with another picture. */
	open(picture: OpenPicture): void {
		this.picture?.bitmap.close();
		this.picture = picture;
		this.marks = {};
		this.active = null;
		this.uprights = UPRIGHT_MARKS.length;
		this.forgetEdges();
		this.reading = null;
	}

	private forgetEdges(): void {
		this.edges = null;
		this.sdPx = null;
	}

	/** Changes what gives the scale. */
	measureBy(scale: PhotoScale): void {
		this.scale = scale;
		const { corner1: _1, corner2: _2, corner3: _3, corner4: _4, tableTop: _5, ...rest } = this.marks;
		this.marks = rest;
		this.forgetEdges();
		this.settle();
	}

	/** Puts a mark somewhere in the picture; outside it, at its edge. */
	place(name: PhotoMarkName, { x, y }: PicturePoint): void {
		if (!this.picture) return;
		const { widthPx, heightPx } = this.picture;
		const at = { x: Math.min(Math.max(x, 0), widthPx), y: Math.min(Math.max(y, 0), heightPx) };
		this.marks = { ...this.marks, [name]: at };
		this.active = name;
	}

	/** Moves a mark by pixels of the picture, and reads it again. */
	nudge(name: PhotoMarkName, dx: number, dy: number): void {
		const at = this.marks[name];
		if (!at) return;
		this.place(name, { x: at.x + dx, y: at.y + dy });
		this.read();
	}

	/** Takes the mark placed last away. */
	undo(): void {
		const last = this.order.findLast((name) => this.marks[name]);
		if (!last) return;
		const { [last]: _, ...rest } = this.marks;
		this.marks = rest;
		this.active = null;
		if ((CORNER_MARKS as readonly string[]).includes(last)) this.forgetEdges();
		this.settle();
	}

	/** Goes on with the upright lines that are marked: there is nothing else upright in the picture. */
	skipUpright(): void {
		this.uprights = UPRIGHT_MARKS.filter((pair) => pair.every((name) => this.marks[name])).length;
		this.settle();
	}

	private corners(): SheetCorners | null {
		const [a, b, c, d] = CORNER_MARKS.map((name) => this.marks[name]);
		return a && b && c && d ? [a, b, c, d] : null;
	}

	/** After a mark has been put where it is to stay: looks for the sheet's edges, and reads the picture where everything is marked. */
	settle(): void {
		const corners = this.corners();
		const isCorner = this.active !== null && (CORNER_MARKS as readonly string[]).includes(this.active);
		if (corners && this.picture && this.scale !== 'table' && (this.edges === null || isCorner)) {
			const found = findSheetCorners(this.picture.grey, corners);
			this.edges = found ? 'found' : 'not-found';
			this.sdPx = found?.sdPx ?? null;
			if (found)
				this.marks = {
					...this.marks,
					...Object.fromEntries(CORNER_MARKS.map((name, i) => [name, found.corners[i]]))
				};
		}
		this.read();
	}

	private read(): void {
		const all = this.next === null ? this.allMarks() : null;
		try {
			this.reading = all && readSidePhoto(all, this.of().person);
		} catch (error) {
			// Marks on one another: no camera fits, and the next move of a mark tries again.
			if (!(error instanceof RangeError)) throw error;
			this.reading = null;
		}
	}

	private allMarks(): PhotoMarks | null {
		const { picture, marks } = this;
		const { isSitting, table } = this.of();
		const corners = this.corners();
		const { floor, seat, tableTop } = marks;
		const flat = this.scale !== 'table' && corners ? { kind: this.scale, corners } : null;
		const high =
			this.scale === 'table' && table && tableTop
				? ({ kind: 'table', top: tableTop, heightMm: table.mm, sdMm: table.sd } as const)
				: null;
		const scale = flat ? { ...flat, ...(this.sdPx === null ? {} : { sdPx: this.sdPx }) } : high;
		const joints = Object.fromEntries(
			PHOTO_JOINTS.map((name) => [name, marks[name]])
		) as PhotoMarks['joints'];
		if (!picture || !floor || !scale || (isSitting && !seat)) return null;
		return {
			widthPx: picture.widthPx,
			heightPx: picture.heightPx,
			joints,
			floor,
			seat: isSitting ? (seat ?? null) : null,
			scale,
			uprights: UPRIGHT_MARKS.slice(0, this.uprights).flatMap(([top, foot]) => {
				const [a, b] = [marks[top], marks[foot]];
				return a && b ? [[a, b] as const] : [];
			}),
			focalMm: picture.focalMm
		};
	}
}
