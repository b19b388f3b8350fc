import { fdatasyncSync, writeSync } from 'node:fs';
import type { PGlite } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';
import type { DiskRoom } from './disk-room.js';

type Options = Parameters<NodeFS['init']>[1];

interface NodeStream {
  readonly nfd: number;
}

/** As much of the database's own file system as is done otherwise here. */
interface InnerFs {
  tryFSOperation<T>(work: () => T): T;
  stream_ops: {
    fsync?: (stream: NodeStream) => number;
    write: (
      stream: NodeStream,
      buffer: Int8Array,
      ...at: [offset: number, length: number, position: number]
    ) => number;
  };
}

const FULL: ReadonlySet<unknown> = new Set(['ENOSPC', 'EDQUOT']);

/**
 * The embedded database's file system, with fsync really done: by itself it never calls it, and a power cut could lose
 * what was said to be saved. A write that finds no room is done again with what was kept aside; where nothing is left, the
 * process ends, since the database would go on for ever: what was said to be saved is, and another finds it.
 */
export class SyncedNodeFS extends NodeFS {
  constructor(
    folder: string,
    private readonly room: DiskRoom,
    private readonly end: (why: string) => never,
  ) {
    super(folder);
  }

  override async init(pg: PGlite, options: Options) {
    const made = await super.init(pg, options);
    const { emscriptenOpts } = made;
    const adapt = (mod: unknown): void => this.adapt((mod as { NODEFS: InnerFs }).NODEFS);
    emscriptenOpts.preRun = [adapt, ...[emscriptenOpts.preRun ?? []].flat()];
    return made;
  }

  private adapt(inner: InnerFs): void {
    const once = inner.tryFSOperation.bind(inner);
    inner.tryFSOperation = (work) => once(() => this.withRoom(work));
    inner.stream_ops.fsync = ({ nfd }) => {
      inner.tryFSOperation(() => fdatasyncSync(nfd));
      return 0;
    };
    // A disk that is nearly full takes less than it is given, without a word.
    inner.stream_ops.write = ({ nfd }, buffer, ...[offset, length, position]) => {
      let done = 0;
      while (done < length)
        done += inner.tryFSOperation(() =>
          writeSync(nfd, buffer, offset + done, length - done, position + done),
        );
      return done;
    };
  }

  private withRoom<T>(work: () => T): T {
    for (;;)
      try {
        return work();
      } catch (error) {
        if (!FULL.has((error as { code?: unknown }).code)) throw error;
        if (!this.room.release())
          this.end('The disk is full, and nothing that was kept aside is left.');
      }
  }
}
