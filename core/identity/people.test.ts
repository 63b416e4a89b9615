import { describe, expect, test } from '@jest/globals';
import { noDetails, type Details } from '../model/details.ts';
import { Matcher } from './find.ts';
import { searchPassages } from './search.ts';

const person = (given: string[], surname: string, more: Partial<Details> = {}): Details => ({ ...noDetails(), givenNames: given, surname, ...more });
/** Made-up students whose names bring a difficulty of their own: an ordinary word, an apostrophe, particles, two surnames, two letters, marks, an article, another script. */
const people = {
  green: person(['Mary', 'Anne'], 'Green', { username: 'mgreen7', studentNumber: '20417733', candidateNumber: '58213', emails: ['m.green7@carrow.example'], phones: ['+44 7700 900123'] }),
  obrien: person(['Seán'], 'O\'Brien', { otherNames: ['Jack'], username: 'sob112', studentNumber: 'B00412345' }),
  vdb: person(['Pieter'], 'van den Berg', { username: 'pvdberg', studentNumber: 's1234567', emails: ['p.vandenberg@carrow.example'] }),
  garcia: person(['José', 'Luis'], 'García Márquez', { username: 'jgarciam', studentNumber: '1900334455' }),
  li: person(['Wei'], 'Li', { otherNames: ['李伟'], username: 'wl3021', studentNumber: '2027001122' }),
  nguyen: person(['Minh', 'Thị'], 'Nguyễn', { username: 'mnguyen', studentNumber: 'S-778-221' }),
  sayed: person(['Omar'], 'al-Sayed', { otherNames: ['عمر السيد'], username: 'oalsayed', studentNumber: '77120934' }),
  kim: person(['Ji-woo'], 'Kim', { username: 'jiwoo', studentNumber: '202310455', candidateNumber: '77120', emails: ['jiwoo@carrow.example'] }),
  lloyd: person(['Siân', 'Elin'], 'Pryce-Lloyd', { username: 'spl33', studentNumber: 's2204871' }),
  rose: person(['Mei'], 'Rose', { username: 'mrose19', studentNumber: '31988214' }),
  ivanova: person(['Ольга'], 'Иванова', { otherNames: ['Olga Ivanova'], username: 'oivanova', studentNumber: '33001122' }),
};
/** `stops`: it is them. `other`: it may be somebody or something else, so it never stops. */
const said: readonly [who: keyof typeof people, what: 'stops' | 'other', texts: readonly string[]][] = [
  ['green', 'stops', ['by Mary Green', 'Mary Anne Green', 'M. A. Green', 'Green, Mary', 'MARY GREEN', 'Student no. 20417733', '2041 7733', '20-41-77-33', 'm.green7@carrow.example', 'C:\\Users\\mgreen7\\essay.docx', 'Mary-Anne Green', 'G r e e n , M a r y', 'Mary Gre\u00aden', 'Candidate 58213', '07700 900123', '+44 (0)7700 900 123', 'Author: Green', 'Submitted by Green, M.', 'Мary Grееn', 'mgreen7@students.carrow.example', 'https://drive.carrow.example/mgreen7/essay']],
  ['green', 'other', ['The green fields of the estuary.', 'Green algae cover the mud.', 'Go green!', 'The marsh is greener in spring.', 'In 1920417733 observations', 'Evergreen trees', 'Mary Shelley wrote it.', 'Anne Brontë', 'ISBN 978-20417-7334', 'Greenland ice', 'a maryland study']],
  ['green', 'other', ['Green (2011) argues that tides matter.', '(Green et al., 2015)', 'Green, T. (2009) Tides. Carrow Press.', 'Green Street']],
  ['obrien', 'stops', ['Seán O\'Brien', 'Sean O’Brien', 'O\'Brien, S.', 'Sean OBrien', 'SEAN O\'BRIEN', 's. o\'brien', 'B00412345', 'b00412345', 'Jack O\'Brien', 'sob112']],
  ['obrien', 'other', ['Brien is a town.', 'The sob story', 'sobbing 112 times']],
  ['vdb', 'stops', ['Pieter van den Berg', 'P. van den Berg', 'van den Berg, Pieter', 'Berg, P. van den', 'pieter vandenberg', 'pvdberg', 's1234567', 'S1234567']],
  ['lloyd', 'stops', ['Siân E. Pryce-Lloyd', 'S. E. Pryce-Lloyd', 'Pryce-Lloyd, Siân E.', 'Name: Siân', 'Author: Siân P.']],
  ['lloyd', 'other', ['Siân E. Lloydstone', 'The case Lloyd v. Grace was heard.', 'Interview with Siân: how was it?']],
  ['rose', 'stops', ['Mei Rose', 'Rose, Mei', 'Essay by Mei Rose']],
  ['rose', 'other', ['as the water rose, Mei-ling fled', 'The water rose, Mei saw.', 'Rose (1998) argues this.']],
  ['ivanova', 'stops', ['ИВАНОВА Ольга', 'O. Ivanova', 'Ivanova, O.']],
  ['vdb', 'stops', ['Pieter v/d Berg', 'Pieter v.d. Berg', 'P. v. d. Berg', 'P. v.d. Berg']],
  ['green', 'other', ['Written by Mary G.', 'Green, M. (1958) The Rise of the Tide. London: Quay.', 'Andrews, T., Green, M. and Olsen, P. (2011) Mud and water.', 'Mary G. Olsen wrote it.']],
  ['green', 'stops', ['mary green', 'by mary green', 'Green, M. Tides and mud', 'Green, M. (2026)']],
  ['kim', 'stops', ['Ji-woo Kim', 'Kim Jiwoo', 'J.-W. Kim', 'jiwoo@carrow.example', '202310455', 'Candidate 77120', '77120', 'by Kim', 'written by Kim Essay Two']],
  ['kim', 'other', ['Kim Philby left in spring.', 'They read that Kim Philby left.', 'Jiwoo Park drew it.', '77120 hits in the corpus', 'the town of Ridge, zip 77120', 'Kim, J., & Lee, S. (2012). Urban mud. Seoul: Press.', '[3] Kim, J. (2012). Urban mud.']],
  ['vdb', 'other', ['An iceberg', 'die Berge', 'Berg en Dal is a village.', 'van den']],
  ['garcia', 'stops', ['José Luis García Márquez', 'Jose Garcia Marquez', 'García Márquez, J. L.', 'José García', 'J. García Márquez', 'Marquez, Jose', 'JOSE LUIS GARCIA', '1900 334 455']],
  ['garcia', 'other', ['Gabriel was a writer.', 'San José is a city.', 'Luis Buñuel']],
  ['li', 'stops', ['Wei Li', 'Li Wei', 'LI Wei', '李伟', '作者：李伟', 'Li, Wei', 'wl3021', 'W. Li']],
  ['li', 'other', ['lithium (Li) ions', 'Li-ion battery', 'a little light', 'Weimar', 'We include', 'the river Lie']],
  ['nguyen', 'stops', ['Nguyễn Thị Minh', 'Minh Nguyen', 'Nguyen Thi Minh', 'NGUYEN, Minh', 'S778221', 'S-778-221', 'mnguyen']],
  ['nguyen', 'other', ['Ho Chi Minh City', 'Minh dynasty']],
  ['sayed', 'stops', ['Omar al-Sayed', 'Omar Al Sayed', 'Omar Alsayed', 'al-Sayed, O.', 'عمر السيد', 'oalsayed', '77120934']],
  ['sayed', 'other', ['Omar Khayyam wrote verses.', 'essayed the task']],
  ['ivanova', 'stops', ['Ольга Иванова', 'Иванова Ольга', 'О. Иванова', 'ОЛЬГА ИВАНОВА', 'Olga Ivanova', 'oivanova', '33 00 11 22']],
  ['ivanova', 'other', ['Иван Грозный', 'Волга']],
];
describe.each(said)('%s, %s', (who, what, texts) => {
  const matcher = new Matcher(people[who]);
  test.each(texts.map((t) => [t]))('%s', (text) => {
    const found = searchPassages([{ part: 'text', place: 'text', page: null, text: `The marsh gains silt and clay on every flood tide and keeps it.\n\n${text}\n\nPlants slow the water and hold the mud with their roots.` }], matcher);
    expect(found.some((f) => f.standing === 'stops')).toBe(what === 'stops');
  });
});
