import { engineTimes } from './plan';

console.log(JSON.stringify(engineTimes()));
