import { read } from '../../model/facts.ts';
import { madeBrief, madeFacts, madePassage } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { setSections } from './sections.ts';

const brief = madeBrief({ sections: ['abstract', 'methods', 'references'] }), paper = (text: string) => ({ brief, facts: [madeFacts({ passages: read([madePassage(text)]) })] });
testSetCheck(setSections, {
  met: [{ name: 'under their own and usual names, numbered', given: paper('Abstract\nWe dug.\n2. Materials and Methods\nWith spades.\nBibliography\nEmmerson 2019') }],
  look: [{ name: 'a word in a sentence is no section', given: paper('Abstract\nThe methods of others are known from their references and are not repeated here, for they are long and this line is meant to be long.'), says: ['missing', 'missing'] }],
  notAsked: [{ name: 'nothing asked', given: { ...paper('x'), brief: madeBrief() } }],
});
