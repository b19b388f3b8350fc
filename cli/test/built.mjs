import bundle from '../../core/test/bundle.mjs';
import { build } from '../build.mjs';

/** What reads tables beside the command is a file of its own: it is built before the command is tested. */
export default async () => {
  await bundle();
  await build();
};
