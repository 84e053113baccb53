export { ResumeLead } from './resume-lead';
export { RoutinesScreen } from './routines-screen';
