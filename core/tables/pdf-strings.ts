import type { MetadataSort, PlaceKind } from '../model/facts.ts';

/** Document information keys. Source: ISO 32000-1:2008, table 317. Add a row: reader and mend follow. */
export const infoKeys: Record<string, MetadataSort> = {
  Author: 'author', CreationDate: 'dates', Creator: 'software', Keywords: 'keywords', ModDate: 'dates', Producer: 'software', Subject: 'subject',
  Title: 'title', Trapped: 'statistics', Company: 'company', SourceModified: 'dates', Manager: 'author',
};

/** XMP properties by local name. Source: XMP ISO 16684-1, 8.3–8.7 and the registered schemas; every other property is `custom`. */
export const xmpKeys: Record<string, MetadataSort> = {
  creator: 'author', Author: 'author', AuthorsPosition: 'author', CaptionWriter: 'author', publisher: 'company', contributor: 'author', rights: 'author', Owner: 'author',
  title: 'title', Title: 'title', Headline: 'title', description: 'subject', subject: 'subject', Keywords: 'keywords', Subject: 'subject',
  CreatorTool: 'software', Producer: 'software', Toolkit: 'software', Software: 'software', softwareAgent: 'software',
  CreateDate: 'dates', ModifyDate: 'dates', MetadataDate: 'dates', date: 'dates', DateCreated: 'dates', DateTimeOriginal: 'dates', SourceModified: 'dates', when: 'history',
  DocumentID: 'ids', InstanceID: 'ids', OriginalDocumentID: 'ids', VersionID: 'ids', RenditionClass: 'ids', documentID: 'ids', instanceID: 'ids',
  History: 'history', action: 'history', changed: 'history', DerivedFrom: 'history', Company: 'company', Manager: 'author',
  format: 'statistics', Trapped: 'statistics', part: 'statistics', conformance: 'statistics', GPSLatitude: 'location', GPSLongitude: 'location', City: 'location', Country: 'location',
  Make: 'device', Model: 'device', SerialNumber: 'device', LensModel: 'device', manifest: 'paths', filePath: 'paths', TemplateURL: 'template',
};

/** Where a string of the object tree stands, by its dictionary's key. Source: ISO 32000-1, 8.11.4.2, 12.3.3, 12.5–12.8, 14.3, 14.9. */
export const stringKeys: Record<string, PlaceKind> = {
  Alt: 'altText', ActualText: 'altText', E: 'altText', JS: 'script', URI: 'link', UF: 'path', F: 'path', DOS: 'path', Unix: 'path', Mac: 'path', 'PTEX.FileName': 'path',
  ContactInfo: 'signature', Reason: 'signature', Location: 'signature', Desc: 'attachment', V: 'form', DV: 'form', TU: 'form', TM: 'form', RV: 'form', Opt: 'form',
  Contents: 'annotation', RC: 'annotation', Subj: 'annotation', NM: 'annotation', P: 'outline', Title: 'outline',
};

/** Strings that are machinery, never words about anyone. */
export const machineKeys = new Set(['ID', 'DA', 'DS', 'Registry', 'Ordering', 'CharSet', 'O', 'U', 'OE', 'UE', 'Perms', 'Panose', 'Lookup', 'Checksum', 'CheckSum', 'M', 'CreationDate', 'ModDate', 'LastModified', 'Lang', 'BaseFont', 'Cert', 'ByteRange', 'OutputConditionIdentifier', 'RegistryName', 'OutputCondition', 'IDTree', 'Dests', 'Names', 'Limits', 'D', 'Metadata']);
