/**
 * Emergency numbers that bring an ambulance, by ISO 3166-1 code, where it is not 112. All are quoted from memory, from what countries
 * publish for travellers and from ITU-T E.161.1 (09/2008), guidelines for emergency numbers; no published table was at hand to check them
 * against. Each page that shows one therefore adds "or your local emergency number". 112 reaches help in the European Union and, from most
 * mobile phones, in many other countries (3GPP TS 22.101, from memory): it is the default.
 */
const NUMBERS_FROM_MEMORY: Readonly<Record<string, string>> = {
	// Europe outside the Union, and its neighbours.
	AL: '127',
	BA: '124',
	BY: '103',
	CH: '144',
	GB: '999',
	MD: '112',
	ME: '124',
	NO: '113',
	RS: '194',
	RU: '103',
	TR: '112',
	UA: '103',
	// The Americas.
	AR: '107',
	BR: '192',
	CA: '911',
	CL: '131',
	CO: '123',
	CR: '911',
	DO: '911',
	EC: '911',
	MX: '911',
	PA: '911',
	PE: '106',
	PR: '911',
	US: '911',
	UY: '911',
	// Asia and the Pacific.
	AM: '103',
	AU: '000',
	AZ: '103',
	BD: '999',
	CN: '120',
	HK: '999',
	ID: '112',
	IN: '112',
	JP: '119',
	KG: '103',
	KH: '119',
	KR: '119',
	KZ: '103',
	LK: '1990',
	MN: '103',
	MO: '999',
	MY: '999',
	NP: '102',
	NZ: '111',
	PH: '911',
	PK: '1122',
	SG: '995',
	TH: '1669',
	TW: '119',
	UZ: '103',
	VN: '115',
	// The Middle East and Africa.
	AE: '998',
	BH: '999',
	DZ: '14',
	EG: '123',
	GH: '112',
	IL: '101',
	JO: '911',
	KE: '999',
	MA: '150',
	NG: '112',
	OM: '9999',
	QA: '999',
	SA: '997',
	TN: '190',
	ZA: '10177'
};

/** The number to call where no other is known. */
export const DEFAULT_EMERGENCY_NUMBER = '112';

/**
 * The number that brings an ambulance.
 * @param country ISO 3166-1 alpha-2; empty where unknown
 */
export function emergencyNumber(country: string): string {
	return (
		(Object.hasOwn(NUMBERS_FROM_MEMORY, country) ? NUMBERS_FROM_MEMORY[country] : undefined) ??
		DEFAULT_EMERGENCY_NUMBER
	);
}
