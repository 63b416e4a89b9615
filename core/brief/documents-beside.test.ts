import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** What goes with a paper as a file of its own, in nine languages. Compiled by hand; invented, common practice, no published source. */
const documents = (text: string) => readBrief(text, '2026-11-30T09:00:00Z').brief.documents;
const rows: [tongue: string, before: string, beside: string, kind: string][] = [
  ['German', 'In dieser Hausarbeit geht es um die Geschichte einer Stadt, über die wir im Seminar Quellen gelesen haben. Zeigen Sie, dass Sie die Texte verstanden haben.\n\nDie Hausarbeit geben Sie als PDF ab. ', 'Zusätzlich brauche ich die unterschriebene Eigenständigkeitserklärung als eigenes PDF.', 'pdf'],
  ['German', 'In dieser Hausarbeit geht es um die Geschichte einer Stadt, über die wir im Seminar Quellen gelesen haben. Zeigen Sie, dass Sie die Texte verstanden haben.\n\nDie Hausarbeit geben Sie als PDF ab. ', 'Die Eigenständigkeitserklärung reichen Sie als separates PDF ein.', 'pdf'],
  ['German', 'In dieser Hausarbeit geht es um die Geschichte einer Stadt, über die wir im Seminar Quellen gelesen haben. Zeigen Sie, dass Sie die Texte verstanden haben.\n\nDie Hausarbeit geben Sie als PDF ab. ', 'Der Anhang wird als eigene Datei (PDF) hochgeladen.', 'pdf'],
  ['German', 'In dieser Hausarbeit geht es um die Geschichte einer Stadt, über die wir im Seminar Quellen gelesen haben. Zeigen Sie, dass Sie die Texte verstanden haben.\n\nDie Hausarbeit geben Sie als PDF ab. ', 'Dazu kommt ein Anhang als eigene PDF-Datei.', 'pdf'],
  ['German', 'In dieser Hausarbeit geht es um die Geschichte einer Stadt, über die wir im Seminar Quellen gelesen haben. Zeigen Sie, dass Sie die Texte verstanden haben.\n\nDie Hausarbeit geben Sie als PDF ab. ', 'Das Literaturverzeichnis geben Sie als separate Word-Datei ab.', 'docx'],
  ['French', 'Ce devoir porte sur l’histoire d’une ville dont vous avez lu les sources pendant le séminaire. Vous devez montrer que vous avez compris les textes.\n\nLe devoir est à rendre en PDF. ', 'La déclaration signée est à joindre dans un PDF séparé.', 'pdf'],
  ['French', 'Ce devoir porte sur l’histoire d’une ville dont vous avez lu les sources pendant le séminaire. Vous devez montrer que vous avez compris les textes.\n\nLe devoir est à rendre en PDF. ', 'Les annexes sont à déposer dans un fichier PDF à part.', 'pdf'],
  ['French', 'Ce devoir porte sur l’histoire d’une ville dont vous avez lu les sources pendant le séminaire. Vous devez montrer que vous avez compris les textes.\n\nLe devoir est à rendre en PDF. ', 'Joignez une déclaration signée, en PDF séparé.', 'pdf'],
  ['French', 'Ce devoir porte sur l’histoire d’une ville dont vous avez lu les sources pendant le séminaire. Vous devez montrer que vous avez compris les textes.\n\nLe devoir est à rendre en PDF. ', 'Le résumé doit être remis dans un fichier Word séparé.', 'docx'],
  ['Spanish', 'En este trabajo se trata de la historia de una ciudad sobre la que hemos leído en el seminario. Debe mostrar que ha entendido las fuentes y los textos.\n\nEl trabajo se entrega en PDF. ', 'La declaración firmada se entrega en un PDF aparte.', 'pdf'],
  ['Spanish', 'En este trabajo se trata de la historia de una ciudad sobre la que hemos leído en el seminario. Debe mostrar que ha entendido las fuentes y los textos.\n\nEl trabajo se entrega en PDF. ', 'Además, adjunte la declaración firmada en un archivo PDF separado.', 'pdf'],
  ['Spanish', 'En este trabajo se trata de la historia de una ciudad sobre la que hemos leído en el seminario. Debe mostrar que ha entendido las fuentes y los textos.\n\nEl trabajo se entrega en PDF. ', 'El anexo se sube en un archivo aparte (PDF).', 'pdf'],
  ['Spanish', 'En este trabajo se trata de la historia de una ciudad sobre la que hemos leído en el seminario. Debe mostrar que ha entendido las fuentes y los textos.\n\nEl trabajo se entrega en PDF. ', 'El resumen se entrega como documento Word aparte.', 'docx'],
  ['Italian', 'In questo lavoro si tratta della storia di una città di cui abbiamo letto le fonti nel seminario. Dovete mostrare che avete capito i testi.\n\nL’elaborato va consegnato in PDF. ', 'La dichiarazione firmata va consegnata in un PDF a parte.', 'pdf'],
  ['Italian', 'In questo lavoro si tratta della storia di una città di cui abbiamo letto le fonti nel seminario. Dovete mostrare che avete capito i testi.\n\nL’elaborato va consegnato in PDF. ', 'Inoltre allegate la dichiarazione firmata come file PDF separato.', 'pdf'],
  ['Italian', 'In questo lavoro si tratta della storia di una città di cui abbiamo letto le fonti nel seminario. Dovete mostrare che avete capito i testi.\n\nL’elaborato va consegnato in PDF. ', 'L’appendice va caricata in un file separato (PDF).', 'pdf'],
  ['Portuguese', 'Neste trabalho trata-se da história de uma cidade sobre a qual lemos fontes no seminário. Deve mostrar que compreendeu os textos e as suas ideias.\n\nO trabalho é entregue em PDF. ', 'A declaração assinada é entregue num PDF à parte.', 'pdf'],
  ['Portuguese', 'Neste trabalho trata-se da história de uma cidade sobre a qual lemos fontes no seminário. Deve mostrar que compreendeu os textos e as suas ideias.\n\nO trabalho é entregue em PDF. ', 'O anexo deve ser submetido em ficheiro separado (PDF).', 'pdf'],
  ['Portuguese', 'Neste trabalho trata-se da história de uma cidade sobre a qual lemos fontes no seminário. Deve mostrar que compreendeu os textos e as suas ideias.\n\nO trabalho é entregue em PDF. ', 'O resumo é entregue como documento Word separado.', 'docx'],
  ['Dutch', 'In deze opdracht gaat het over de geschiedenis van een stad waarover wij in het seminar bronnen hebben gelezen. Je laat zien dat je de teksten hebt begrepen.\n\nLever het werkstuk als PDF in. ', 'De ondertekende verklaring lever je in als apart PDF-bestand.', 'pdf'],
  ['Dutch', 'In deze opdracht gaat het over de geschiedenis van een stad waarover wij in het seminar bronnen hebben gelezen. Je laat zien dat je de teksten hebt begrepen.\n\nLever het werkstuk als PDF in. ', 'De bijlagen worden als los bestand (PDF) ingeleverd.', 'pdf'],
  ['Dutch', 'In deze opdracht gaat het over de geschiedenis van een stad waarover wij in het seminar bronnen hebben gelezen. Je laat zien dat je de teksten hebt begrepen.\n\nLever het werkstuk als PDF in. ', 'Daarnaast lever je een samenvatting in als apart Word-document.', 'docx'],
  ['Swedish', 'Den här uppgiften handlar om en stads historia som vi har läst källor om i seminariet. Du ska visa att du har förstått texterna och deras idéer.\n\nUppsatsen lämnas in som PDF. ', 'Bilagan lämnas in som separat PDF.', 'pdf'],
  ['Swedish', 'Den här uppgiften handlar om en stads historia som vi har läst källor om i seminariet. Du ska visa att du har förstått texterna och deras idéer.\n\nUppsatsen lämnas in som PDF. ', 'Dessutom en undertecknad försäkran som egen PDF-fil.', 'pdf'],
  ['Norwegian', 'Denne oppgaven handler om historien til en by som vi har lest kilder om i seminaret. Du skal vise at du har forstått tekstene og ideene i dem.\n\nOppgaven leveres som PDF. ', 'Vedlegget leveres som egen PDF.', 'pdf'],
  ['Norwegian', 'Denne oppgaven handler om historien til en by som vi har lest kilder om i seminaret. Du skal vise at du har forstått tekstene og ideene i dem.\n\nOppgaven leveres som PDF. ', 'I tillegg en signert erklæring som separat PDF-fil.', 'pdf'],
  ['Danish', 'Denne opgave handler om historien i en by, som vi har læst kilder om på seminaret. Du skal vise, at du har forstået teksterne og ideerne i dem.\n\nOpgaven afleveres som PDF. ', 'Bilaget afleveres som separat PDF.', 'pdf'],
  ['Danish', 'Denne opgave handler om historien i en by, som vi har læst kilder om på seminaret. Du skal vise, at du har forstået teksterne og ideerne i dem.\n\nOpgaven afleveres som PDF. ', 'Desuden en underskrevet erklæring som egen PDF-fil.', 'pdf'],
];
test.each(rows)('%s: %s%s', (_, before, beside, kind) => {
  const both = documents(`${before}${beside}`);
  expect(both.map((d) => d.types)).toEqual([['pdf'], [kind]]);
  expect(both[1]!.label).not.toBeNull();
});
// Hard negatives: what the paper itself contains, and what is there to be read.
test.each([
  ['German', 'In dieser Hausarbeit geht es um die Geschichte einer Stadt, über die wir gelesen haben. Die Hausarbeit geben Sie als PDF ab. Der Anhang steht am Ende der Arbeit.'],
  ['French', 'Ce devoir porte sur l’histoire d’une ville dont vous avez lu les sources. Le devoir est à rendre en PDF. Les annexes figurent à la fin du devoir.'],
  ['Dutch', 'In deze opdracht gaat het over de geschiedenis van een stad. Lever het werkstuk als PDF in. De bijlagen staan achter in het werkstuk.'],
])('%s: one document', (_, text) => expect(documents(text)).toHaveLength(1));
