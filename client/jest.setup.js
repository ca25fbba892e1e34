// The web page keeps drafts here; under Jest there is no browser.
const kept = new Map();
globalThis.localStorage ??= {
  getItem: (key) => kept.get(key) ?? null,
  setItem: (key, value) => kept.set(key, String(value)),
  removeItem: (key) => kept.delete(key),
  clear: () => kept.clear(),
};

// Saves through a browser's links, which are not here either.
// No line beside the requests: what is watched is asked for.
jest.mock('@/api/line', () => ({ openLine: () => ({ close: () => undefined }) }));
jest.mock('file-saver', () => ({ saveAs: jest.fn() }));

// Gestures reach for the device's own recognisers.
require('react-native-gesture-handler/jestSetup');

// What is fetched when it is needed is there at once: Jest runs no module that is fetched later.
jest.mock('@/signing/openCheck', () => ({ openCheck: () => Promise.resolve(jest.requireActual('@kesto/contract/check')) }));
jest.mock('@/outbox/openSending', () => ({ openSending: () => Promise.resolve(jest.requireActual('@/outbox/sending')) }));

// React notes a stack for every element it makes, for its warnings: a sixth of the time of these tests. It has had its fill from the start.
const { __CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE: internals } = require('react');
if ('recentlyCreatedOwnerStacks' in internals)
  Object.defineProperty(internals, 'recentlyCreatedOwnerStacks', { get: () => Number.MAX_SAFE_INTEGER, set: () => undefined });
