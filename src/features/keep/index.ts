export { BackupScreen } from './backup-screen';
export { DeviceScreen } from './device-screen';
export { PrivacyScreen } from './privacy-screen';
