import { First1764000000001 } from './0001-first';
import { Schools1764000000002 } from './0002-schools';
import { JobEntries1764000000003 } from './0003-job-entries';
import { NoWayUp1764000000004 } from './0004-no-way-up';
import { KeptPlan1764000000005 } from './0005-kept-plan';
import { UnitKinds1764000000006 } from './0006-unit-kinds';
import { JobStages1764000000007 } from './0007-job-stages';
import { People1764000000008 } from './0008-people';
import { CircuitDrawings1764000000009 } from './0009-circuit-drawings';
import { StageEntries1764000000010 } from './0010-stage-entries';
import { Nameplates1764000000011 } from './0011-nameplates';
import { Codes1764000000012 } from './0012-codes';
import { Ledger1764000000013 } from './0013-ledger';
import { Audit1764000000014 } from './0014-audit';
import { DayPins1764000000015 } from './0015-day-pins';
import { AtSize1764000000016 } from './0016-at-size';
import { CalledAs1764000000017 } from './0017-called-as';
import { Series1764000000018 } from './0018-series';
import { SitePages1764000000024 } from './0024-site-pages';
import { UnitsOfSites1764000000025 } from './0025-units-of-sites';
import { PairedBy1764000000023 } from './0023-paired-by';
import { Imports1764000000022 } from './0022-imports';
import { Labels1764000000021 } from './0021-labels';
import { Found1764000000020 } from './0020-found';
import { Tree1764000000019 } from './0019-tree';

/** In order; each runs once, forward only. */
export const MIGRATIONS = [
  First1764000000001,
  Schools1764000000002,
  JobEntries1764000000003,
  NoWayUp1764000000004,
  KeptPlan1764000000005,
  UnitKinds1764000000006,
  JobStages1764000000007,
  People1764000000008,
  CircuitDrawings1764000000009,
  StageEntries1764000000010,
  Nameplates1764000000011,
  Codes1764000000012,
  Ledger1764000000013,
  Audit1764000000014,
  DayPins1764000000015,
  AtSize1764000000016,
  CalledAs1764000000017,
  Series1764000000018,
  Tree1764000000019,
  Found1764000000020,
  Labels1764000000021,
  Imports1764000000022,
  PairedBy1764000000023,
  SitePages1764000000024,
  UnitsOfSites1764000000025,
];
