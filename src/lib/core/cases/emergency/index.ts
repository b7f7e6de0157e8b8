export { emergencyNumber, DEFAULT_EMERGENCY_NUMBER } from './emergency-number';
