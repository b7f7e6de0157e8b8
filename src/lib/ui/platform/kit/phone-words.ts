/** A phone number as it is read: never broken at the end of a line. */
export const phoneWords = (phone: string): string => phone.replaceAll(' ', '\u00a0');

/** The address that dials a phone number. */
export const phoneHref = (phone: string): string => `tel:${phone.replace(/[^+\d]/g, '')}`;
