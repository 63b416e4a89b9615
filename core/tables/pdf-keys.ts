/** What the standard lets stand in a document catalogue and in a page; everything else there is some program's own. "Private" keys of the
 * second class (annex E) draw nothing, whatever they lead to. */

/** Source: ISO 32000-1:2008, table 28; ISO 32000-2:2020 adds AF, DPartRoot and DSS. */
export const catalogKeys: ReadonlySet<string> = new Set(['Type', 'Version', 'Extensions', 'Pages', 'PageLabels', 'Names', 'Dests', 'ViewerPreferences', 'PageLayout', 'PageMode', 'Outlines', 'Threads', 'OpenAction', 'AA', 'URI', 'AcroForm', 'Metadata', 'StructTreeRoot', 'MarkInfo', 'Lang', 'SpiderInfo', 'OutputIntents', 'PieceInfo', 'OCProperties', 'Perms', 'Legal', 'Requirements', 'Collection', 'NeedsRendering', 'AF', 'DPartRoot', 'DSS']);
/** Source: ISO 32000-1:2008, table 30; ISO 32000-2:2020 adds AF, OutputIntents and DPart. */
export const pageKeys: ReadonlySet<string> = new Set(['Type', 'Parent', 'LastModified', 'Resources', 'MediaBox', 'CropBox', 'BleedBox', 'TrimBox', 'ArtBox', 'BoxColorInfo', 'Contents', 'Rotate', 'Group', 'Thumb', 'B', 'Dur', 'Trans', 'Annots', 'AA', 'Metadata', 'PieceInfo', 'StructParents', 'ID', 'PZ', 'SeparationInfo', 'Tabs', 'TemplateInstantiated', 'PresSteps', 'UserUnit', 'VP', 'AF', 'OutputIntents', 'DPart']);
