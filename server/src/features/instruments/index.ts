/** What the rest of the server may use of this feature; everything else in its folder is its own. */
export type * from './series.repository';
export { instrumentRoutes } from './instruments.routes';
export { liveDesk, type LiveDesk } from './live';
export { endSeries } from './series.service';
export { noStandIns, standIns, type StandIns } from './standIns';
export { holdLive, pullLive } from './analyst/picture';
export { liveHeld, livePulled } from './ended.service';
export { analystHere, analystThread, type Analyst } from './analyst/analyst';
export { watchDesk, type WatchDesk, type WhoWatches } from './watchDesk';
