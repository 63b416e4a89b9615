import type { MetadataSort, PlaceKind } from '../model/facts.ts';

/** Story parts of a word-processor package and what their text counts as. Source: ECMA-376-1, 11.3. */
export const storyParts: readonly { pattern: RegExp; place: PlaceKind }[] = [
  { pattern: /^word\/document\d*\.xml$/, place: 'text' },
  { pattern: /^word\/(header|footer)\d*\.xml$/, place: 'runningHead' },
  { pattern: /^word\/(footnotes|endnotes)\.xml$/, place: 'footnote' },
  { pattern: /^word\/comments\.xml$/, place: 'comment' },
  { pattern: /^word\/glossary\/document\.xml$/, place: 'hidden' },
];

/** Elements of the properties parts. Source: ECMA-376-2, 11 (core); ECMA-376-1, 22.2 (extended). Any other is `custom`. */
export const propertySorts: Record<string, MetadataSort> = {
  creator: 'author', lastModifiedBy: 'author', title: 'title', subject: 'subject', description: 'comment', keywords: 'keywords', category: 'keywords', contentStatus: 'custom',
  created: 'dates', modified: 'dates', lastPrinted: 'dates', revision: 'revision-ids', version: 'custom', identifier: 'ids', language: 'statistics', contentType: 'statistics',
  Application: 'software', AppVersion: 'software', Company: 'company', Manager: 'author', Template: 'template', TotalTime: 'editing-time', HyperlinkBase: 'paths',
  Pages: 'statistics', Words: 'statistics', Characters: 'statistics', Lines: 'statistics', Paragraphs: 'statistics', CharactersWithSpaces: 'statistics', DocSecurity: 'statistics',
  ScaleCrop: 'statistics', LinksUpToDate: 'statistics', SharedDoc: 'statistics', HyperlinksChanged: 'statistics', lpwstr: 'statistics', lpstr: 'statistics', i4: 'statistics', vector: 'statistics', variant: 'statistics',
};

/** Elements of ODF's meta.xml. Source: OASIS ODF 1.2-1, 4.3. */
export const odfMetaSorts: Record<string, MetadataSort> = {
  'initial-creator': 'author', creator: 'author', 'printed-by': 'author', title: 'title', subject: 'subject', description: 'comment', keyword: 'keywords', generator: 'software',
  'creation-date': 'dates', date: 'dates', 'print-date': 'dates', 'editing-cycles': 'revision-ids', 'editing-duration': 'editing-time', 'user-defined': 'custom', template: 'template',
  language: 'statistics', 'document-statistic': 'statistics', 'auto-reload': 'paths', 'hyperlink-behaviour': 'paths', publisher: 'company', contributor: 'author',
};
