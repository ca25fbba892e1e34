/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export { printFonts, type PrintFonts } from './fonts';
export { INK, printer, type Printer } from './printer';
export { printRoutes } from './print.routes';
