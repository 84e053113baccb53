export { BackupScreen } from './backup-screen';
export { PrivacyScreen } from './privacy-screen';
