import type { RequestableItem } from '../../plan/equipment';
import type { Answers } from './fields';

/** Electronics that lie in a drawer of many homes, asked for together with household items. Common practice: borrow before you buy. */
export const DEVICES_AT_HOME = ['keyboard', 'mouse', 'screen', 'television', 'tablet', 'headset'] as const;

/** One of {@link DEVICES_AT_HOME}. */
export type DeviceAtHome = (typeof DEVICES_AT_HOME)[number];

/** Name of the field that says whether one of them is at home. */
export function deviceField(device: DeviceAtHome): string {
	return `device.${device}`;
}

/** The devices reported to be at home. */
export function devicesOf(answers: Answers): DeviceAtHome[] {
	return DEVICES_AT_HOME.filter((device) => answers[deviceField(device)] === 'yes');
}

/** What need not be requested because something at home will do: for each item, sets of devices any of which serves. */
const SERVES: Readonly<Partial<Record<RequestableItem, readonly (readonly DeviceAtHome[])[]>>> = {
	'keyboard-and-mouse': [['keyboard', 'mouse']],
	monitor: [['screen'], ['television']],
	'paper-holder': [['tablet']],
	headset: [['headset']]
};

/** Requestable items that someone already has at home, though not yet in use for work. */
export function thingsAtHome(answers: Answers): RequestableItem[] {
	const devices = devicesOf(answers);
	return (Object.entries(SERVES) as [RequestableItem, readonly (readonly DeviceAtHome[])[]][])
		.filter(([, sets]) => sets.some((set) => set.every((device) => devices.includes(device))))
		.map(([thing]) => thing);
}
