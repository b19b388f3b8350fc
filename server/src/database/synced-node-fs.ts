import { fdatasyncSync } from 'node:fs';
import type { PGlite } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';

type Options = Parameters<NodeFS['init']>[1];

interface NodeStream {
  readonly nfd: number;
}

/**
 * The embedded database's file system, with fsync really done: by itself it never calls it, and a power cut
 * could lose what was said to be saved.
 */
export class SyncedNodeFS extends NodeFS {
  override async init(pg: PGlite, options: Options) {
    const made = await super.init(pg, options);
    const { emscriptenOpts } = made;
    const syncs = (mod: unknown): void => {
      const { NODEFS } = mod as {
        NODEFS: { stream_ops: { fsync?: (stream: NodeStream) => number } };
      };
      NODEFS.stream_ops.fsync = (stream) => {
        fdatasyncSync(stream.nfd);
        return 0;
      };
    };
    const before = [emscriptenOpts.preRun ?? []].flat();
    emscriptenOpts.preRun = [syncs, ...before];
    return made;
  }
}
