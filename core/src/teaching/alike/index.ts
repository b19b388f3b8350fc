export { odditiesOf } from './oddities.js';
export { type Oddity } from './oddity.js';
export { worksAlike, type WorksAlike } from './works-alike.js';
