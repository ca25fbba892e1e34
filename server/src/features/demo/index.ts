/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { DEMO_SHOP, demoId } from './ids';
export { holdsDemo, loadDemo } from './load';
export { DEMO_PASSWORD, DEMO_PEOPLE, demoPeople } from './people';
export { JOBS, SITE, UNITS, VAN } from './station';
