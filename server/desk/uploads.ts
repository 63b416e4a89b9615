import type { IncomingMessage, ServerResponse } from 'node:http';
import type { Readable } from 'node:stream';
import { DataStore, ERRORS, Server, Upload } from '@tus/server';
import type { DeskStore } from './store.ts';

const limits = { fileBytes: 110 << 20, allBytes: 300 << 20, uploads: 60, keptMs: 3_600_000 };

/** Pieces of files on their way in, in memory only and bounded; what is not handed in within the hour is forgotten. */
class Memory extends DataStore {
  private readonly held = new Map<string, { upload: Upload; chunks: Buffer[]; at: number }>();
  /** @param line - what the line does to a piece while it comes: `came` of `whole` bytes are there */
  constructor(private readonly line: (id: string, came: number, whole: number) => Promise<void>) { super(); this.extensions = ['creation', 'termination']; }

  override create(upload: Upload): Promise<Upload> {
    for (const [id, h] of this.held) if (Date.now() - h.at > limits.keptMs) this.held.delete(id);
    while (this.held.size >= limits.uploads || this.bytes() > limits.allBytes) this.held.delete(this.held.keys().next().value!);
    upload.offset = 0;
    this.held.set(upload.id, { upload, chunks: [], at: Date.now() });
    return Promise.resolve(upload);
  }
  /** Keeps what came, also of a line that breaks in the middle: the next piece goes on from there. */
  override async write(stream: Readable, id: string): Promise<number> {
    const h = this.get(id), whole = (h.upload.size ?? 0) - h.upload.offset;
    let came = 0;
    try {
      for await (const chunk of stream) {
        const own = Buffer.from(chunk as Buffer);
        h.chunks.push(own);
        h.upload.offset += own.length;
        h.at = Date.now();
        await this.line(id, came += own.length, whole);
      }
    } catch { /* what came is kept */ }
    return h.upload.offset;
  }
  override getUpload(id: string): Promise<Upload> { return Promise.resolve().then(() => { const { upload } = this.get(id); return new Upload({ id, size: upload.size, offset: upload.offset, metadata: upload.metadata ?? undefined }); }); }
  override remove(id: string): Promise<void> { this.held.delete(id); return Promise.resolve(); }

  /** A whole file by its id, or null while something is missing. */
  whole(id: string): { name: string; bytes: Uint8Array } | null {
    const h = this.held.get(id);
    return h && h.upload.offset === h.upload.size ? { name: h.upload.metadata?.filename ?? '', bytes: new Uint8Array(Buffer.concat(h.chunks)) } : null;
  }
  forget(id: string): void { this.held.delete(id); }
  private get(id: string): { upload: Upload; chunks: Buffer[]; at: number } { const h = this.held.get(id); if (!h) throw ERRORS.FILE_NOT_FOUND; return h; }
  private bytes(): number { let n = 0; for (const h of this.held.values()) n += h.upload.offset; return n; }
}

/** Files that come in pieces and go on where a line broke. Source: tus resumable upload protocol 1.0.0 (an open standard). */
export class Uploads {
  private readonly open = new Map<string, IncomingMessage>();
  private readonly memory = new Memory((id, came, whole) => this.misbehave(id, came, whole));
  private readonly tus = new Server({ path: '/desk/uploads', datastore: this.memory, maxSize: limits.fileBytes, relativeLocation: true });
  constructor(private readonly desk: DeskStore) {}

  handle(req: IncomingMessage, res: ServerResponse): void {
    const id = (req.url ?? '').split('/').pop() ?? '';
    if (req.method === 'PATCH') { this.open.set(id, req); res.on('close', () => this.open.delete(id)); }
    void this.tus.handle(req, res);
  }
  take(id: string): { name: string; bytes: Uint8Array } | null { return this.memory.whole(id); }
  forget(ids: string[]): void { for (const id of ids) this.memory.forget(id); }

  /** A line that breaks after a part of what was to come, or that is slow. */
  private async misbehave(id: string, came: number, whole: number): Promise<void> {
    const { fault, percent } = this.desk.fault;
    if (fault === 'slow') await new Promise((go) => setTimeout(go, 60));
    if (fault === 'lost' && came >= (whole * percent) / 100) { this.desk.takeFault(); this.open.get(id)?.socket.destroy(); throw new Error('broken off'); }
  }
}
