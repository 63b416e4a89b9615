import { saveWhole, withPage, withPdf } from '../../engines/pdf.ts';
import { dropHiddenLayers } from './layers.ts';
import type { Settlement } from './settlement.ts';

/** Takes comments, attachments and what hidden layers hold out of a PDF, and turns form fields into page content.
 * Source: ISO 32000-1, 12.5 (annotations), 12.7 (forms), 7.11.4 (embedded files). Links stay. */
export async function settlePdf(bytes: Uint8Array, wish: Settlement): Promise<Uint8Array> {
  return withPdf(bytes, async (pdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    for (let i = 0; i < pdf.countPages(); i++) withPage(pdf, i, (page) => {
      for (const annotation of page.getAnnotations()) {
        const type = annotation.getType(), isFile = type === 'FileAttachment';
        if (isFile ? wish.attachments === 'remove' : wish.comments === 'remove' && type !== 'Link' && type !== 'Widget') page.deleteAnnotation(annotation);
      }
    });
    if (wish.forms === 'flatten') { pdf.bake(false, true); pdf.getTrailer().get('Root').delete('AcroForm'); }
    if (wish.layers === 'remove') dropHiddenLayers(pdf);
    if (wish.attachments === 'remove') {
      const root = pdf.getTrailer().get('Root'), names = root.get('Names');
      if (names.isDictionary()) names.delete('EmbeddedFiles');
      root.delete('Collection'); root.delete('AF');
    }
    return saveWhole(pdf);
  });
}
