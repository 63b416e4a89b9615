import type { LayoutFacts, LayoutOutlier } from '../model/facts.ts';
import type { Place } from '../model/finding.ts';

/** What is set otherwise than the most of the text, of one kind, in the order of the paper. */
export const outliersOf = (layout: LayoutFacts, kind: LayoutOutlier['kind']): LayoutOutlier[] => layout.outliers.filter((o) => o.kind === kind);
export const placeOf = ({ part, page, box, quote }: LayoutOutlier): Place => ({ part, page, box, quote });
