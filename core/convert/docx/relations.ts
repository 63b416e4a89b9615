import { readXml } from '../../engines/xml.ts';

/** Where a part of a package leads to (ECMA-376-2, 9.3). */
export interface Relation { target: string; external: boolean }
export function readRelations(xml: string): Map<string, Relation> {
  const relations = new Map<string, Relation>();
  if (xml) readXml(xml, { open: (_, a) => { if (a.Id) relations.set(a.Id, { target: a.Target ?? '', external: a.TargetMode === 'External' }); } });
  return relations;
}
/** The part that a relation of the document leads to. */
export const resolveTarget = (target: string): string => (target.startsWith('/') ? target.slice(1) : `word/${target}`).replace(/[^/]+\/\.\.\//g, '');
