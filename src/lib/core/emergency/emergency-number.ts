/**
 * Emergency numbers for an ambulance by ISO 3166-1 code, where it is another than 112. Source: ITU-T E.161.1 (09/2008), guidelines for
 * emergency numbers, and what countries publish for travellers; from memory. 112 reaches help in the European Union and, from most mobile
 * phones, in many other countries too (3GPP TS 22.101, from memory): it stands wherever nothing else is known.
 */
const NUMBERS: Readonly<Record<string, string>> = {
	GB: '999',
	US: '911',
	CA: '911',
	MX: '911',
	BR: '192',
	AR: '107',
	CL: '131',
	CO: '123',
	AU: '000',
	NZ: '111',
	JP: '119',
	CN: '120',
	KR: '119',
	HK: '999',
	SG: '995',
	MY: '999',
	TH: '1669',
	VN: '115',
	PH: '911',
	ID: '112',
	IN: '112',
	PK: '1122',
	BD: '999',
	LK: '1990',
	IL: '101',
	AE: '998',
	SA: '997',
	EG: '123',
	MA: '150',
	TN: '190',
	ZA: '10177',
	KE: '999',
	NG: '112',
	GH: '112',
	NO: '113',
	CH: '144',
	RU: '103',
	UA: '103',
	BY: '103',
	MD: '112',
	RS: '194',
	BA: '124',
	TR: '112'
};

/** The number to call where nothing else is known. */
export const USUAL_EMERGENCY_NUMBER = '112';

/** The number that brings an ambulance. @param country ISO 3166-1 alpha-2; empty where not known */
export function emergencyNumber(country: string): string {
	return (Object.hasOwn(NUMBERS, country) ? NUMBERS[country] : undefined) ?? USUAL_EMERGENCY_NUMBER;
}
