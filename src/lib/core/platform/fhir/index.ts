export { fhirLengthsOf, type FhirRecord } from './fhir-record';
export type { FhirWords } from './fhir-words';
export { personEntries, questionnaireEntries, writeBundle } from './write-bundle';
