export { LeadScreen as default } from './lead-screen';
