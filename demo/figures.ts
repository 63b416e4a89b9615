import { loadMupdf } from '../core/engines/pdf.ts';

const drawings = {
  /** grouped bars: three surfaces over six years */
  accretion: (): string => {
    const years = [[24, 14, 7], [38, 22, 11], [30, 18, 9], [26, 15, 8], [23, 14, 7], [21, 13, 6]];
    const greys = ['0.15 0.24 0.32', '0.17 0.42 0.40', '0.60 0.23 0.16'];
    const bars = years.flatMap((row, y) => row.map((v, s) => `${greys[s]} rg ${90 + y * 120 + s * 28} 50 24 ${v * 6} re f`));
    return `1 1 1 rg 0 0 840 420 re f ${bars.join(' ')} 0 0 0 RG 1.2 w 70 50 m 800 50 l S 70 50 m 70 300 l S ${[0, 10, 20, 30, 40].map((v) => `60 ${50 + v * 6} m 70 ${50 + v * 6} l S BT /F 15 Tf 0 g 30 ${45 + v * 6} Td (${v}) Tj ET`).join(' ')} ${['2020', '2021', '2022', '2023', '2024', '2025'].map((t, y) => `BT /F 15 Tf 0 g ${105 + y * 120} 26 Td (${t}) Tj ET`).join(' ')} BT /F 16 Tf 70 380 Td (Accretion, mm a year: bare mud, pioneer plants, closed sward) Tj ET`;
  },
  /** a box with arrows whose widths are the loads */
  budget: (): string => {
    const arrow = (x: number, y: number, length: number, width: number, left: boolean): string => { const d = left ? -1 : 1; return `${x} ${y - width / 2} ${d * length} ${width} re f ${x + d * length} ${y + width} m ${x + d * (length + width)} ${y} l ${x + d * length} ${y - width} l f`; };
    return `1 1 1 rg 0 0 840 420 re f 0.96 0.94 0.91 rg 420 80 340 260 re f 0 0 0 RG 1.5 w 420 80 340 260 re S 0.17 0.42 0.40 rg ${arrow(120, 260, 220, 56, false)} 0.60 0.23 0.16 rg ${arrow(400, 150, 220, 19, true)} BT /F 17 Tf 0 g 130 320 Td (flood, 7,000 t a year) Tj ET BT /F 17 Tf 180 100 Td (ebb, 2,400 t a year) Tj ET BT /F 17 Tf 450 220 Td (gain of the surface: 4,100 t a year) Tj ET BT /F 15 Tf 450 180 Td (freed by scouring: 450 t a year) Tj ET`;
  },
} as const;

/** A figure as PNG, drawn by the PDF engine so that it is the same everywhere. */
export async function drawFigure(name: keyof typeof drawings): Promise<Uint8Array> {
  const mupdf = await loadMupdf();
  const pdf = new mupdf.PDFDocument();
  const resources = pdf.newDictionary(), fonts = pdf.newDictionary(), font = new mupdf.Font('Helvetica');
  fonts.put('F', pdf.addSimpleFont(font, 'Latin'));
  resources.put('Font', fonts);
  pdf.insertPage(-1, pdf.addPage([0, 0, 840, 420], 0, pdf.addObject(resources), drawings[name]()));
  const page = pdf.loadPage(0), pixmap = page.toPixmap(mupdf.Matrix.scale(1.5, 1.5), mupdf.ColorSpace.DeviceRGB, false);
  try { return pixmap.asPNG().slice(); } finally { pixmap.destroy(); page.destroy(); font.destroy(); pdf.destroy(); }
}
