export { HelpFields } from './call-for-help';
export { SoundCheck } from './before';
export { SoundSettings } from './sound-settings';
export { LeadScreen } from './lead-screen';
export { WallScreen } from './wall-screen';
export { RehearseScreen } from './rehearse-screen';
