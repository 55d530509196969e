export { CatalogueScreen } from './CatalogueScreen'
