import { closeSync, fdatasyncSync, fsyncSync, lstatSync, openSync, readdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { NodeFS } from '@electric-sql/pglite/nodefs'

/** An open file of the embedded database; without `nfd` it is none of the disk's. */
export interface OpenFile {
  nfd?: number
  node: object
}

/** What is used of the database's own access to the disk. It has a handler for syncing a file, but none is given. */
export interface NodeFiles {
  stream_ops: {
    fsync?: (file: OpenFile) => number
    write: (file: OpenFile, buffer: Uint8Array, offset: number, length: number, position: number) => number
  }
  node_ops: {
    mknod: (parent: object, name: string, ...rest: unknown[]) => object
    rename: (node: object, parent: object, name: string) => void
    unlink: (parent: object, name: string) => void
    rmdir: (parent: object, name: string) => void
    setattr: (node: object, changes: object) => void
  }
  realPath: (node: object) => string
  tryFSOperation: <T>(act: () => T) => T
}

type Init = NodeFS['init']

/**
 * The files of the embedded database, synced when it asks for it: by itself it takes a write for done as soon as the
 * system has it, and a power cut would lose it. Folders are synced at every change, because it cannot ask for that.
 */
export class SyncedFiles extends NodeFS {
  override async init(...[database, options]: Parameters<Init>): ReturnType<Init> {
    const { emscriptenOpts } = await super.init(database, options)
    type Prepare = NonNullable<typeof emscriptenOpts.preRun>[number]
    const prepare: Prepare = (module) => {
      const { filesystems } = module.FS as unknown as { filesystems: { NODEFS: NodeFiles } }
      this.prepare(filesystems.NODEFS)
    }
    return { emscriptenOpts: { ...emscriptenOpts, preRun: [prepare, ...(emscriptenOpts.preRun ?? [])] } }
  }

  protected prepare(files: NodeFiles): void {
    files.stream_ops.fsync = (file) => {
      const { nfd } = file
      if (nfd !== undefined) files.tryFSOperation(() => this.syncFile(nfd, files.realPath(file.node)))
      return 0
    }
    const { mknod, rename, unlink, rmdir } = files.node_ops
    const changed = (folder: object) => files.tryFSOperation(() => this.syncFolder(files.realPath(folder)))
    files.node_ops.mknod = (parent, ...rest) => {
      const made = mknod(parent, ...rest)
      changed(parent)
      return made
    }
    files.node_ops.rename = (node, parent, name) => {
      const from = dirname(files.realPath(node))
      rename(node, parent, name)
      files.tryFSOperation(() => this.syncFolder(from))
      changed(parent)
    }
    files.node_ops.unlink = (parent, name) => {
      unlink(parent, name)
      changed(parent)
    }
    files.node_ops.rmdir = (parent, name) => {
      rmdir(parent, name)
      changed(parent)
    }
  }

  /** What is in it and how long it is, not when it was changed: for that it would wait for all that others have changed on the disk. */
  protected syncFile(descriptor: number, _path: string): void {
    fdatasyncSync(descriptor)
  }

  protected syncFolder(path: string): void {
    syncPath(path)
  }
}

/** Has the disk keep a file or the list of a folder. */
export function syncPath(path: string): void {
  // Windows opens no folders, and keeps their lists by itself.
  if (process.platform === 'win32' && lstatSync(path).isDirectory()) return
  const descriptor = openSync(path, process.platform === 'win32' ? 'r+' : 'r')
  try {
    fsyncSync(descriptor)
  } finally {
    closeSync(descriptor)
  }
}

/** Has the disk keep a folder with all that is in it. */
export function syncTree(folder: string): void {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) syncTree(path)
    else if (entry.isFile()) syncPath(path)
  }
  syncPath(folder)
}
