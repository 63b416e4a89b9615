import { saveWhole, withPdf } from '../core/engines/pdf.ts';

/** Plants troubles into a PDF: an author and a program in its information dictionary and XMP, and a stamp in a font that is not embedded. */
export async function plantPdf(bytes: Uint8Array, planted: { author: string; title: string; unembedded?: string; stamp?: string }): Promise<Uint8Array> {
  return withPdf(bytes, (pdf) => {
    const info = pdf.newDictionary();
    for (const [key, value] of [['Author', planted.author], ['Title', planted.title], ['Creator', 'Carrow Writer 4'], ['Producer', 'Carrow Writer 4 PDF export'], ['CreationDate', 'D:20261124224100Z'], ['ModDate', 'D:20261124224100Z']] as const) info.put(key, pdf.newString(value));
    // The trailer is asked for after the object is made: making one starts a new trailer.
    const infoRef = pdf.addObject(info);
    pdf.getTrailer().put('Info', infoRef);
    const xmp = `<?xpacket begin="\uFEFF" id="W5M0MpCehiHzreSzNTczkc9d"?><x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:xmp="http://ns.adobe.com/xap/1.0/"><dc:creator><rdf:Seq><rdf:li>${planted.author}</rdf:li></rdf:Seq></dc:creator><xmp:CreatorTool>Carrow Writer 4</xmp:CreatorTool></rdf:Description></rdf:RDF></x:xmpmeta><?xpacket end="w"?>`;
    const stream = pdf.addStream(xmp, { Type: 'Metadata', Subtype: 'XML' } as never);
    stream.put('Type', pdf.newName('Metadata'));
    stream.put('Subtype', pdf.newName('XML'));
    pdf.getTrailer().get('Root').put('Metadata', stream);
    if (planted.unembedded && planted.stamp) {
      const font = pdf.newDictionary();
      for (const [k, v] of [['Type', 'Font'], ['Subtype', 'Type1'], ['BaseFont', planted.unembedded], ['Encoding', 'WinAnsiEncoding']] as const) font.put(k, pdf.newName(v));
      const ref = pdf.addObject(font);
      const page = pdf.findPage(0), resources = page.getInheritable('Resources');
      resources.get('Font').put('Stamp', ref);
      const list = pdf.newArray(), contents = page.get('Contents');
      list.push(pdf.addStream('q', {}));
      if (contents.isArray()) for (let i = 0; i < contents.length; i++) list.push(contents.get(i)); else list.push(contents);
      list.push(pdf.addStream(`Q q BT /Stamp 9 Tf 72 60 Td (${planted.stamp}) Tj ET Q`, {}));
      page.put('Contents', list);
    }
    return saveWhole(pdf, 'garbage=4,compress');
  });
}
