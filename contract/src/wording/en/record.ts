import type { EntryKind, JointState, LookBar, LookFinding, LookResult } from '@kesto/core';

export const ENTRY_WORDS: Readonly<Record<EntryKind, string>> = {
  planned: 'planned',
  'planned-anew': 'planned anew',
  'goes-on-from': 'goes on from another shop',
  prepared: 'prepared',
  purged: 'purged',
  'threaded-on': 'threaded on',
  'dry-fit': 'fitted dry',
  wrapped: 'wrapped',
  'outlet-open': 'outlet open',
  'flooding-began': 'flooding begun',
  'oxygen-read': 'oxygen read',
  'trickle-set': 'trickle set',
  lit: 'torch lit',
  flowed: 'it flowed',
  'flame-off': 'flame off',
  'nitrogen-off': 'nitrogen off',
  'took-over': 'taken over',
  pressed: 'pressed',
  flared: 'flared',
  bent: 'bent',
  brazed: 'brazed',
  cooled: 'cooled',
  'looked-at': 'looked at',
  reworked: 'reworked',
  soaped: 'soaped',
  held: 'held',
  pulled: 'pulled',
  accepted: 'accepted',
  'sent-back': 'sent back',
  'cut-out': 'cut out',
  corrected: 'corrected',
  'struck-out': 'struck out',
  erased: 'words erased',
  commented: 'commented',
};

/** The tag has come and is another number than its phone gave it: what stands on the pipe is put right. Null where it is the same, or it had none. */
export const calledAsText = ({ tag, calledAs }: { readonly tag: string; readonly calledAs?: string }): string | null =>
  calledAs === undefined || calledAs === tag || calledAs.replace(/[a-z]+$/, '') === tag
    ? null
    : `was ${calledAs} without a signal: write ${tag} on the pipe`;

/** Heads of the columns in which joints are found again. */
export const FOUND_COLUMN_WORDS = {
  tag: 'tag',
  title: 'joint',
  unit: 'machine',
  site: 'site',
  maker: 'made by',
  filler: 'filler',
  lot: 'lot',
  madeAt: 'made',
  state: 'stands',
} as const;

/** Where a joint stands, in a list. */
export const JOINT_STATE_WORDS: Readonly<Record<JointState, string>> = {
  'not-planned': 'not planned',
  planned: 'planned',
  brazed: 'made',
  passed: 'passed',
  rework: 'rework',
  'cut-out': 'cut out',
  accepted: 'accepted',
  'sent-back': 'sent back',
};

export const LOOK_RESULT_WORDS: Readonly<Record<LookResult, string>> = { pass: 'pass', rework: 'rework', 'cut-out': 'cut out' };

export const FINDING_WORDS: Readonly<Record<LookFinding, string>> = {
  'ring-not-closed': 'ring not closed',
  sunk: 'sunk',
  pinhole: 'pinhole',
  balled: 'balled',
  'flux-left': 'flux left',
  'not-fully-home': 'not fully home',
  crack: 'crack',
  'base-metal-melted': 'base metal melted',
  blown: 'burst or bubbled',
  'flux-stuck': 'flux that stays',
  'phosphorus-on-iron': 'phosphorus on iron',
};

/** Why a look cannot say what it says. */
export const LOOK_BAR_WORDS: Readonly<Record<LookBar, string>> = {
  'back-not-seen': 'the back was not seen: a joint passes when all of it was, with a mirror',
  'another-looks': 'another than the maker looks at it and passes it: so it is for this refrigerant, or in this shop',
  'rework-once': 'it was reworked once: it is cut out now, unless a lead agrees to another try',
};

/** What a write is about, while it is kept on the device. An entry says its own kind. */
export const WRITE_WORDS = {
  putUnits: 'the units you read in',
  putSchools: 'shop practice',
  putVan: 'the count of the van',
  putPerson: 'what is said of a person',
  putSite: 'a site',
  putUnit: 'a unit’s plate',
  putDrawing: 'a circuit’s drawing',
  putJointComment: 'a comment on a joint',
  putJobComment: 'a comment on a job',
  putJob: 'a job opened',
  putJoint: 'a joint added',
  putJobEntry: 'a note of the job',
  putStageEntry: 'a note of a stage',
  putPinOverruling: 'an overruling by PIN',
  putPinSeen: 'that you have seen what your PIN overruled',
  putPlan: 'a plan',
  putEntry: 'an entry of the record',
  putPhoto: 'a photo',
} as const;
