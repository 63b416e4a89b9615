import { readXml } from '../../engines/xml.ts';
import { formatOf } from '../../styles/odf-lists.ts';
import { formatNumber } from '../../styles/number-formats.ts';

/** What stands for each note: a label of its own, or its number among those of its class, as the document sets it. Source: ODF 1.2-1, 16.29.3 (text:notes-configuration), 6.3 (notes). */
export class NoteNumbers {
  private readonly set = new Map<string, { format: string; next: number; prefix: string; suffix: string }>();
  constructor(styles: string | null) {
    readXml(styles ?? '<x/>', { open: (name, a) => {
      if (name === 'text:notes-configuration' && a['text:note-class']) this.set.set(a['text:note-class'], { format: formatOf(a['style:num-format']), next: (Number(a['text:start-value']) || 0) + 1, prefix: a['style:num-prefix'] ?? '', suffix: a['style:num-suffix'] ?? '' });
    } });
  }
  next(kind: string, label: string | undefined): string {
    if (label) return label;
    const own = this.set.get(kind) ?? { format: 'decimal', next: 1, prefix: '', suffix: '' };
    this.set.set(kind, own);
    return `${own.prefix}${formatNumber(own.next++, own.format)}${own.suffix}`;
  }
}
