export { DemoModule } from './demo.module.js';
export { DemoWorld } from './demo-world.js';
