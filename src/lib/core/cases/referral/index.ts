export { CONSENT_WAYS, type ConsentWay } from './consent';
export type { ReferralLetter } from './letter';
