/** A short soft tone; none where the browser can't, or does not allow sound yet. */
export function playSound(isOver: boolean): void {
	if (typeof AudioContext === 'undefined') return;
	const context = new AudioContext();
	const [tone, volume] = [context.createOscillator(), context.createGain()];
	tone.frequency.value = isOver ? 528 : 660;
	volume.gain.setValueAtTime(0.0001, context.currentTime);
	volume.gain.exponentialRampToValueAtTime(0.2, context.currentTime + 0.03);
	volume.gain.exponentialRampToValueAtTime(0.0001, context.currentTime + (isOver ? 0.9 : 0.35));
	tone.connect(volume).connect(context.destination);
	tone.start();
	tone.stop(context.currentTime + 1);
	tone.onended = () => void context.close();
}

/**
 * Asks for permission to show notifications.
 * @returns whether it was given
 */
export async function requestNotifications(): Promise<boolean> {
	if (typeof Notification === 'undefined') return false;
	return (await Notification.requestPermission()) === 'granted';
}

/** Shows a notification if permitted. It contains neither a name nor a complaint: others may see the screen. */
export function showNotification(words: string): void {
	if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
	try {
		new Notification(words, { tag: 'easy-corner-break', icon: '/favicon.png' });
	} catch {
		// Some phones only allow notifications from a service worker: there, the sound and the page must do.
	}
}
