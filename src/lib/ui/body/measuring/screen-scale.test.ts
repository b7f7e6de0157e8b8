import { describe, expect, it } from 'vitest';
import { MemoryStorage } from '../../../../../tests/support/memory-storage';
import { storeScreenScale, storedScreenScale } from './screen-scale';

describe('the scale of a screen', () => {
	it('is remembered by the device', () => {
		const device = new MemoryStorage();
		expect(storedScreenScale(device)).toBeNull();
		storeScreenScale(device, 5.43);
		expect(storedScreenScale(device)).toBe(5.43);
	});

	it('is not believed where no screen has it', () => {
		const device = new MemoryStorage();
		for (const text of ['', '0', '-4', '1', '40', '1e9', 'NaN', 'Infinity', 'wide']) {
			device.setItem('easy-corner-screen-scale', text);
			expect(storedScreenScale(device)).toBeNull();
		}
	});

	it('is done without where the device keeps nothing', () => {
		const closed = new MemoryStorage();
		closed.setItem = () => {
			throw new DOMException('closed', 'SecurityError');
		};
		storeScreenScale(closed, 4);
		storeScreenScale(null, 4);
		expect([storedScreenScale(closed), storedScreenScale(null)]).toEqual([null, null]);
	});
});
