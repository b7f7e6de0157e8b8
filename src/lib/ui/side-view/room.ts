import { getContext, setContext } from 'svelte';
import { isOneAtATime } from '../one-at-a-time';

/** The room that drawings have on a kind of device, px. */
export interface DrawingRoom {
	readonly device: 'phone' | 'wide';
	/** Of one that fills what is around it. */
	readonly filled: { readonly width: number; readonly high: number };
	/** Of one within a sheet. */
	readonly width: number;
}

const PHONE: DrawingRoom = { device: 'phone', filled: { width: 390, high: 310 }, width: 316 };
const WIDE: DrawingRoom = { device: 'wide', filled: { width: 640, high: 320 }, width: 640 };

const KEY = Symbol('room');

/** Says on what kind of device a page is shown, so that its drawings come from the server about as large as they will be. */
export const setRoom = (isPhone: boolean): DrawingRoom => setContext(KEY, isPhone ? PHONE : WIDE);

/** The room that a drawing is given until it can be measured. */
export const usualRoom = (): DrawingRoom => getContext<DrawingRoom | undefined>(KEY) ?? WIDE;

/** What a drawing is made for: on the server by what is usual; where it is shown it is measured, but for a phone, whose drawings came as they are. */
export const drawingVariantOf = (room: DrawingRoom): string =>
	typeof window === 'undefined' ? room.device : isOneAtATime() ? 'phone' : 'measured';
