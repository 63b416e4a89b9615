import { CannotDo, type FailureCode } from '../../core/model/outcome.ts';
import type { OfficeEngine } from '../../core/verbs/convert.ts';
import { sniffKind } from '../../core/readers/kind.ts';

/** The office engine of the server on this machine; the file's name is not told. */
export const officeOnServer: OfficeEngine = async (file, to) => {
  const lost = new CannotDo('lost', 'The office engine does not answer.', 'Use the built-in engine, or start the application again.', file.name);
  const answer = await fetch(`${self.location.origin}/office?from=${sniffKind(file.bytes, file.name).kind}&to=${to}`, { method: 'POST', headers: { 'Content-Type': 'application/octet-stream' }, body: file.bytes as Uint8Array<ArrayBuffer> }).catch(() => { throw lost; });
  if (answer.ok) return new Uint8Array(await answer.arrayBuffer());
  const why = (await answer.json().catch(() => null)) as { code?: FailureCode; message?: string; remedy?: string } | null;
  throw why?.code ? new CannotDo(why.code, why.message ?? '', why.remedy ?? '', file.name) : lost;
};
