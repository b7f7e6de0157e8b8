export { emergencyNumber, USUAL_EMERGENCY_NUMBER } from './emergency-number';
