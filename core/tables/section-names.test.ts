import { describe, expect, test } from '@jest/globals';
import { sectionNamed } from './section-names.ts';

/** What sections are called, in the languages that papers are written in, with every number and sign that a heading may have. Common practice, no published source. */
const called: Record<string, string[]> = {
  references: ['References', 'REFERENCES', 'Reference list', 'List of references', 'Bibliography', 'Selected bibliography', 'Works cited', 'Work cited', 'Works consulted', 'Literature', 'List of sources', 'Cited literature', 'References and notes', 'Sources and literature', 'Literaturverzeichnis', 'Quellen', 'Références bibliographiques', 'Referencias bibliográficas', 'Riferimenti bibliografici', 'Referências', 'Literatuurlijst', 'Litteraturliste', 'Referenslista', 'Kilder', 'Fuentes'],
  appendices: ['Appendix', 'Appendices', 'Appendix A', 'Appendix 1. Interview guide', 'APPENDIX B – DATA', 'Annex 1', 'Annexes', 'Attachment 1', 'Supplementary material', 'Anhang A', 'Anexo', 'Apéndice', 'Bijlage 1', 'Vedlegg'],
  summary: ['Abstract', 'Executive summary', 'Synopsis', 'Zusammenfassung', 'Résumé', 'Resumen', 'Riassunto', 'Samenvatting', 'Plain language summary'],
  acknowledgements: ['Acknowledgements', 'Acknowledgments', 'Word of thanks', 'Danksagung', 'Remerciements', 'Agradecimientos'],
  contents: ['Contents', 'Table of contents', 'Inhaltsverzeichnis', 'Table des matières', 'Índice', 'Inhoud'], lists: ['List of figures', 'List of illustrations', 'Abbildungsverzeichnis'], conclusions: ['Conclusion', 'Fazit', 'Conclusiones'], introduction: ['Introduction', 'Einleitung', 'Introducción'],
};
describe.each(Object.entries(called))('%s', (name, headings) => {
  test.each(headings)('%s', (heading) => {
    for (const before of ['', '7. ', '7 ', '7) ', '(7) ', 'VII. ', 'Chapter 7: ', 'Section 7 ', 'A. ', '§ 7 ', '## ']) for (const behind of ['', ':', '.']) expect([`${before}${heading}${behind}`, sectionNamed(`${before}${heading}${behind}`, 50)?.name]).toEqual([`${before}${heading}${behind}`, name]);
    expect(sectionNamed(`**${heading}**`, 50)?.name).toBe(name);
  });
});
test.each(['References to the sea are many', 'The references are here.', 'Sources of error', 'Reference values', 'Contents of the chest', 'Content analysis', 'Thanks to the tide', 'Works of art', 'Dedication to duty', 'Abstract painting', 'Supplement use in athletes', 'Attachment theory', 'Attachment styles in children', 'Source criticism', 'Annotated bibliography', 'Table of cases', 'Chapter 7', 'Quellen der Macht', 'Fontes of stone'])('hard negative: %s', (line) => expect(sectionNamed(line, 50)).toBeNull());
