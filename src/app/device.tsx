import { inWorkshop } from '@/workshop';

export default inWorkshop((all) => all.DeviceScreen);
