import { CatalogueScreen } from '@/features/catalogue';

export default CatalogueScreen;
