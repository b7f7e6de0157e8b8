import { redFlagField } from '$lib/core/questionnaire/answers/checklist-fields';
import { isEmergency, redFlagNamed, type EmergencyRedFlag } from '$lib/core/cases/discomfort/red-flags';
import { discardUnsent } from '../../questionnaire/autosave/autosave.svelte';
import { deviceStorage } from '../../questionnaire/device-storage';

/** What this device knows about an emergency that stops a link. */
interface Stop {
	readonly signs: readonly EmergencyRedFlag[];
	/** When the page it was tapped on came from the server, by the server's clock, ms. */
	readonly servedAt: number;
	/** Whether the server has the warning sign. */
	readonly isReported: boolean;
}

const keyOf = (token: string) => `easy-corner stop ${token}`;

function readStop(token: string): Stop | null {
	try {
		const kept = JSON.parse(deviceStorage()?.getItem(keyOf(token)) ?? 'null') as Partial<Stop> | null;
		const signs = (kept?.signs ?? []).flatMap((text) => {
			const sign = redFlagNamed(text);
			return sign && isEmergency(sign) ? [sign] : [];
		});
		if (signs.length === 0) return null;
		return { signs, servedAt: Number(kept?.servedAt ?? 0), isReported: kept?.isReported === true };
	} catch {
		return null;
	}
}

/**
 * The emergency that stops a link on this device: it takes effect on the tap, also offline, and stays until the person lifts it, or until
 * the server, asked after the tap, says that nothing stops them any more.
 */
class DeviceStop {
	#stop = $state<{ readonly token: string; readonly stop: Stop | null }>({ token: '', stop: null });

	signsOf(token: string): readonly EmergencyRedFlag[] {
		return this.#stop.token === token ? (this.#stop.stop?.signs ?? []) : [];
	}

	/**
	 * Loads what the device has stored about a link.
	 * @param servedAt of the open page, ms
	 * @param lifts when the person lifted each sign, by the server's clock, ms
	 */
	open(token: string, servedAt: number, lifts: Readonly<Partial<Record<string, number>>>): void {
		const kept = readStop(token);
		const isLifted = kept?.signs.every((sign) => (lifts[sign] ?? 0) > kept.servedAt) ?? false;
		// The server knows what was lifted: sent again by this device, it would stop the link once more.
		if (kept && isLifted) discardUnsent(deviceStorage(), `/c/${token}/draft`, kept.signs.map(redFlagField));
		// A page that came after the server knew the sign, without a redirect to the stop page, means that nothing stops it any more.
		const isOver = kept !== null && (isLifted || (kept.isReported && servedAt > kept.servedAt));
		if (isOver) this.#keep(token, null);
		else this.#stop = { token, stop: kept };
	}

	lock(token: string, signs: readonly EmergencyRedFlag[], servedAt: number): void {
		this.#keep(token, {
			signs: [...new Set([...this.signsOf(token), ...signs])],
			servedAt,
			isReported: false
		});
	}

	reported(token: string): void {
		const { stop } = this.#stop;
		if (stop) this.#keep(token, { ...stop, isReported: true });
	}

	#keep(token: string, stop: Stop | null): void {
		this.#stop = { token, stop };
		try {
			if (stop) deviceStorage()?.setItem(keyOf(token), JSON.stringify(stop));
			else deviceStorage()?.removeItem(keyOf(token));
		} catch {
			// A device without storage: the open page keeps it, and the server once it knows.
		}
	}
}

/** See {@link DeviceStop}. */
export const deviceStop = new DeviceStop();
