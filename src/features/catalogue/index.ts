export { CatalogueScreen } from './catalogue-screen';
