export { SitesScreen } from './SitesScreen';
