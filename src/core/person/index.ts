export { clearancesOn, personEffects } from './clearance';
export { readPeopleFile } from './file';
export {
  EVENTS,
  PEOPLE_FORMAT,
  PEOPLE_VERSION,
  clearanceSchema,
  peopleFileSchema,
  personSchema,
  sessionSchema,
  type Clearance,
  type PeopleFile,
  type Person,
  type Session,
} from './schema';
