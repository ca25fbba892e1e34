export * from './api';
export * from './dayPins/statement';
export * from './engine/plan';
export * from './engine/reach';
export * from './units/unitRequest';
