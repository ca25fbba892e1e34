/** Words that entries say. They stand below everything, so that the table of kinds drags no engine along. */
export const SIGNS = ['oil', 'oily-dirt', 'frost', 'corrosion', 'rubbed', 'earlier-repair', 'soft-solder'] as const;
export type Sign = (typeof SIGNS)[number];
/** In order of cost. */
export const FIND_METHODS = ['look', 'sniffer', 'gas-and-ear', 'soap', 'section-hold'] as const;
export type FindMethod = (typeof FIND_METHODS)[number];
export const CHECK_RESULTS = ['nothing', 'leak', 'in-part', 'not-reached'] as const;
export type CheckResult = (typeof CHECK_RESULTS)[number];
export const HOLD_VERDICTS = ['tight', 'leaking', 'cannot-tell'] as const;
export type HoldVerdict = (typeof HOLD_VERDICTS)[number];
/** Why a hold that loses nothing is not called tight. */
export const HOLD_REASONS = [
  'no-wanted-leak',
  'supply-open',
  'too-few-readings',
  'calibration-over',
  'beyond-range',
  'clock-went-back',
  'samples-missing',
  'gauge-jumped',
  'unlike-step',
] as const;
export type HoldReason = (typeof HOLD_REASONS)[number];
/** What a rise after the pump was shut off shows; `dry` is the rise's, `tight` the hold's before it. */
export const PULL_VERDICTS = ['tight-and-dry', 'leak', 'wet', 'cannot-tell'] as const;
export type PullVerdict = (typeof PULL_VERDICTS)[number];
/** Why a rise tells nothing yet. */
export const PULL_REASONS = [
  'too-short',
  'still-rising',
  'speeds-up',
  'too-cold',
  'above-water',
  'gauge-place',
  'does-not-move',
  'rig',
  'fell-unseen',
] as const;
export type PullReason = (typeof PULL_REASONS)[number];
/** Where a vacuum gauge sits: a port away from the pump with its core out, one near it, on the hoses, on the pump. */
export const GAUGE_PLACES = ['system-far', 'system-near', 'rig', 'pump'] as const;
export type GaugePlace = (typeof GAUGE_PLACES)[number];
/** What a rise is described by. */
export const RISE_MODELS = ['flat', 'line', 'plateau', 'line-plateau', 'log'] as const;
export type RiseModel = (typeof RISE_MODELS)[number];
/** How a shop judges a rise. */
export const RISE_LIMITS = ['500-in-10', 'flattens-1000'] as const;
export type RiseLimit = (typeof RISE_LIMITS)[number];
/** A core in the port a hose hangs on. */
export const HOSE_CORES = ['in', 'out'] as const;
/** Whose rule a leak record goes by. */
export const LEAK_LAWS = ['us', 'eu', 'none'] as const;
export type LeakLaw = (typeof LEAK_LAWS)[number];
/** What a machine cools, where the law of the place goes by that; the first is the cooling of homes and small shops. */
export const LEAK_USES = ['light-comfort', 'comfort', 'commercial', 'industrial'] as const;
export type LeakUse = (typeof LEAK_USES)[number];
/** What carries the heat that is checked. */
export const HEAT_SIDES = ['water', 'air'] as const;
export type HeatSide = (typeof HEAT_SIDES)[number];
/** What is seen to before a machine is started first. */
export const BEFORE_START = [
  ...(['valves-open', 'caps-on', 'switch-set-back', 'bridges-out', 'heater-hours'] as const),
  ...(['water-flow', 'rotation', 'panels-on', 'somebody-at-switch'] as const),
] as const;
export type BeforeStart = (typeof BEFORE_START)[number];
/** By what a joint was proved by itself. */
export const PROOF_METHODS = ['soap-on-nitrogen', 'hydrogen-sniffer', 'helium-sniffer', 'own-sniffer'] as const;
export type ProofMethod = (typeof PROOF_METHODS)[number];
/** What is put back, proven or told before a job is handed over. */
export const HAND_OVER_POINTS = [
  ...(['caps-on', 'put-back', 'relief-back', 'switches-back', 'leak-look', 'joint-tightness'] as const),
  ...(['automatic', 'locks-off', 'back-in-service', 'label', 'panels', 'next-check', 'stays-with-owner'] as const),
] as const;
export type HandOverPoint = (typeof HAND_OVER_POINTS)[number];
export const HAND_OVER_ANSWERS = ['done', 'none-here'] as const;
export type HandOverAnswer = (typeof HAND_OVER_ANSWERS)[number];
export const MATERIAL_UNITS = ['g', 'kg', 'm', 'L', 'pieces'] as const;
export type MaterialUnit = (typeof MATERIAL_UNITS)[number];
/** How a shop chooses the pressure of a hold. */
export const TEST_PRACTICES = ['data-plate', 'by-refrigerant', 'low-and-long'] as const;
export type TestPractice = (typeof TEST_PRACTICES)[number];
/** What holds the pressure of a section down. */
export const LIMIT_KINDS = ['plate-low', 'plate-high', 'part', 'relief', 'switch', 'tube', 'hose', 'gauge', 'regulator'] as const;
export type LimitKind = (typeof LIMIT_KINDS)[number];
/** What soap showed at a place under pressure. */
export const SOAP_RESULTS = ['nothing', 'leak', 'not-reached'] as const;
export type SoapResult = (typeof SOAP_RESULTS)[number];
/** What an instrument is that speaks for itself. */
export const LIVE_KINDS = ['pressure-temperature', 'vacuum', 'scale', 'flow', 'oxygen', 'carbon-dioxide'] as const;
export type LiveKind = (typeof LIVE_KINDS)[number];
/** What a column of a series says, each in one unit: gauge pressure and pipe of a hold; the rest by their own instruments. */
export const LIVE_QUANTITIES = ['gauge-pressure', 'pipe-temperature', 'vacuum', 'mass', 'flow', 'oxygen', 'carbon-dioxide'] as const;
export type LiveQuantity = (typeof LIVE_QUANTITIES)[number];
/** Where test gas is let out to. */
export const VENT_PLACES = ['outdoors', 'aired-room'] as const;
export type VentPlace = (typeof VENT_PLACES)[number];
/** On which side what is held stands in service; on the liquid one more gets out through the same hole. */
export const HELD_SIDES = ['low', 'high', 'liquid'] as const;
/** Nothing else is let in to test with: oxygen and air explode with oil, carbon dioxide dissolves in it. Source: ISO 10156 (5 % hydrogen does not burn). */
export const TEST_GASES = ['nitrogen', 'nitrogen-hydrogen-5', 'nitrogen-helium'] as const;

export const ISOLATION_METHODS = ['pump-down', 'recover-section', 'recover-all'] as const;
export type IsolationMethod = (typeof ISOLATION_METHODS)[number];
/** How a compressor is built decides how far it may be drawn down. */
export const COMPRESSOR_KINDS = ['scroll', 'piston', 'rotary', 'screw', 'unknown'] as const;
export type CompressorKind = (typeof COMPRESSOR_KINDS)[number];
export const JOINING_METHODS = ['bend', 'bench', 'braze', 'press', 'flare', 'change-part'] as const;
export type JoiningMethod = (typeof JOINING_METHODS)[number];
export const ALSO_OPENED = ['drier', 'core', 'seal', 'twin', 'flush'] as const;
export type AlsoOpenedKind = (typeof ALSO_OPENED)[number];
export const REFRIGERANT_FATES = ['reuse', 'fresh'] as const;
export type RefrigerantFate = (typeof REFRIGERANT_FATES)[number];
export const APPROVAL_WAYS = ['in-person', 'phone', 'message', 'paper'] as const;
export type ApprovalWay = (typeof APPROVAL_WAYS)[number];
/** What is in a cylinder before it takes what comes out: mixed gas can neither be used nor made clean. */
export const CYLINDER_HOLDS = ['nothing', 'same', 'another'] as const;
export type CylinderHolds = (typeof CYLINDER_HOLDS)[number];
export const WORTH_ADVICE = ['repair', 'replace', 'claim-warranty'] as const;
export type WorthAdvice = (typeof WORTH_ADVICE)[number];

/** A line whose warmth was felt or taken for granted, not read. */
export const GUESSED_LINES = ['suction', 'liquid'] as const;
export type GuessedLine = (typeof GUESSED_LINES)[number];

export const PICTURES_OF = ['wiring', 'pipes', 'plate', 'place'] as const;
export type PictureOf = (typeof PICTURES_OF)[number];
export const HOT_WORK_ANSWERS = ['done', 'none-here'] as const;
export type HotWorkAnswer = (typeof HOT_WORK_ANSWERS)[number];
/** What stands between here and the flame. */
export const TORCH_POINTS = [
  ...([
    'power-off',
    'before-pictures',
    'refrigerant-out',
    'zero-and-open',
    'held-back',
    'swept',
    'liquid-left',
    'told',
    'extinguisher',
    'watch',
  ] as const),
  ...([
    'thawed',
    'sprinklers',
    'detectors',
    'oxygen',
    'insulation',
    'wood',
    'plastic-pipe',
    'painted-surface',
    'wiring',
    'grommet',
    'covered',
  ] as const),
] as const;
/** How the tube felt in its cup, dry. */
export const DRY_FITS = ['right', 'tight', 'loose'] as const;
export type DryFit = (typeof DRY_FITS)[number];
/** What has to be on the tube before its joint closes it. */
export const CAPTIVES = ['insulation', 'wall-sleeve', 'flare-nut', 'panel'] as const;
export type Captive = (typeof CAPTIVES)[number];
/** What is looked to before a joint is kept that no flame made. */
export const COLD_CHECKS = [
  ...(['listed', 'square', 'clean-length', 'depth-marked', 'jaw-fits', 'heat-first', 'run-to-end', 'annealed', 'nut-first'] as const),
  ...(['even', 'oiled', 'by-hand-first', 'two-spanners', 'soft', 'own-bender', 'straight-end', 'smooth'] as const),
] as const;
export type ColdCheck = (typeof COLD_CHECKS)[number];
/** What comes out before the flame, and goes back before the hold. */
export const TAKEN_OUT = ['core', 'seal', 'bulb', 'coil', 'sensor'] as const;
export type TakenOut = (typeof TAKEN_OUT)[number];

/** Told after the flame, or tapped by a second person while it burnt. */
export const FLOW_TOLD = ['told-after', 'live'] as const;
export type FlowTold = (typeof FLOW_TOLD)[number];

/** What is brought to zero before a flame: a side, or the section that was emptied alone. */
export const ZERO_SIDES = ['high', 'low', 'section'] as const;
export type ZeroSide = (typeof ZERO_SIDES)[number];
export type TorchPoint = (typeof TORCH_POINTS)[number];
/** How long somebody watches after the last flame [min]. Source: NFPA 51B (2019): 60; OSHA 1910.252: 30 where the local rule says so. */
export const WATCH_MINUTES = { usual: 60, least: 30, most: 240 } as const;

/** What bends the path of a job: each brings points of its own. */
export const BENDS = [
  ...(['burnt-compressor', 'overnight-pressure', 'overnight-vacuum', 'two-circuits', 'sealed-room'] as const),
  ...(['unknown-charge', 'critical-charge', 'cooling-on', 'owner-no'] as const),
] as const;
export type Bend = (typeof BENDS)[number];
export const BEND_POINTS = [
  ...(['skin-covered', 'acid-at-opening', 'stubs-capped', 'flushed-twice', 'blown-dry', 'liquid-drier', 'suction-core-in'] as const),
  ...(['pump-oil-changed', 'electrical-cause', 'contactor-changed', 'run-in', 'acid-again', 'drop-read', 'suction-core-out'] as const),
  ...(['hose-off', 'sign', 'way-free', 'own-joints-soaped', 'gauge-left', 'gauge-found', 'pump-off', 'gauge-isolated'] as const),
  ...(['other-before', 'other-after', 'no-flame', 'let-down-outdoors', 'people-out'] as const),
  ...(['refrigerant-proven', 'lower-bound', 'marked-unknown', 'ports-for-good', 'sister-compared', 'cooling-stands'] as const),
  ...(['left-told', 'valves-capped', 'none-added'] as const),
] as const;
export type BendPoint = (typeof BEND_POINTS)[number];

/** What an acid test of the oil showed. */
export const ACID_RESULTS = ['clean', 'acid'] as const;
export type AcidResult = (typeof ACID_RESULTS)[number];

export const GATES = [
  'loss-not-explained',
  'not-looked-on',
  'not-approved',
  'price-checks-open',
  'stage-points-open',
  'bend-open',
  'other-circuit-rose',
  'torch',
  'no-hold',
  'not-soaped',
  'under-pressure',
  'rig-not-alone',
  'not-reached',
  'not-dry',
  'no-charge',
  'not-charged',
  'not-before-start',
  'not-settled',
  'hand-over-open',
  'not-signed',
] as const;
export type GateCode = (typeof GATES)[number];

/** How a job's torch stood: open, locked, or on a job of which it is not kept. */
export const TORCH_STANDS = ['open', 'locked', 'not-kept'] as const;
export type TorchStands = (typeof TORCH_STANDS)[number];
