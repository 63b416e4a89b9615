/** What a file is, judged from its bytes. `vendor` is a package format that only its own program opens. */
export type Kind =
  | 'pdf' | 'docx' | 'docm' | 'dotx' | 'odt' | 'rtf' | 'doc' | 'txt' | 'html' | 'markdown' | 'tex'
  | 'jpeg' | 'png' | 'tiff' | 'heic' | 'gif' | 'webp' | 'bmp'
  | 'xlsx' | 'pptx' | 'xls' | 'ppt' | 'ods' | 'odp' | 'epub'
  | 'mp4' | 'mp3' | 'wav' | 'ipynb' | 'zip' | 'rar' | '7z' | 'gz' | 'tar' | 'vendor' | 'link' | 'lock' | 'partial' | 'empty' | 'eml' | 'json' | 'csv' | 'xml' | 'unknown';
