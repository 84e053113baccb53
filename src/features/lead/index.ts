export { LeadScreen } from './lead-screen';
