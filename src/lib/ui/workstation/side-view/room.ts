import { getContext, setContext } from 'svelte';
import { isOneAtATime } from '../../questionnaire/one-at-a-time';

/** The space for drawings on a kind of device, px. */
export interface DrawingRoom {
	readonly device: 'phone' | 'wide';
	readonly filled: { readonly width: number; readonly high: number };
	/** For one within a sheet. */
	readonly width: number;
}

const PHONE: DrawingRoom = { device: 'phone', filled: { width: 390, high: 310 }, width: 316 };
const WIDE: DrawingRoom = { device: 'wide', filled: { width: 640, high: 320 }, width: 640 };

const KEY = Symbol('room');

/** Sets the kind of device a page is shown on, so that drawings come from the server at about their final size. */
export const setRoom = (isPhone: boolean): DrawingRoom => setContext(KEY, isPhone ? PHONE : WIDE);

/** The space of a drawing until it can be measured. */
export const usualRoom = (): DrawingRoom => getContext<DrawingRoom | undefined>(KEY) ?? WIDE;

/**
 * What a drawing is made for: on the server the default; where it is displayed it is measured, except on a phone, whose drawings stay as
 * they came.
 */
export const drawingVariantOf = (room: DrawingRoom): string =>
	typeof window === 'undefined' ? room.device : isOneAtATime() ? 'phone' : 'measured';
