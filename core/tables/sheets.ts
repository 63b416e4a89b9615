/** Sheets in points (1/72 inch), short side first. Sources: ISO 216:2007 for A and B (millimetres × 72 / 25.4); ANSI/ASME Y14.1 for the inch sizes. */
export const sheetSizes: Readonly<Record<string, readonly [number, number]>> = {
  A0: [2383.94, 3370.39], A1: [1683.78, 2383.94], A2: [1190.55, 1683.78], A3: [841.89, 1190.55], A4: [595.28, 841.89], A5: [419.53, 595.28], B5: [498.9, 708.66], LEGAL: [612, 1008], LETTER: [612, 792], TABLOID: [792, 1224],
};
