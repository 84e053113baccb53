export { ClassScreen } from './class-screen';
export { GroupScreen } from './group-screen';
export { MeasureScreen } from './measure-screen';
export { PeopleScreen } from './people-screen';
export { PersonScreen } from './person-screen';
export { ReportScreen } from './report-screen';
export { KeptField } from './kept-field';
export { useProposals } from './person-doses';
export { usePerson, type Person } from './use-person';
