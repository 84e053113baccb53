export { LeadScreen } from './lead-screen';
export { WallScreen } from './wall-screen';
export { RehearseScreen } from './rehearse-screen';
