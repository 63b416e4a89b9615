/** A store that is full, or blocked, told in words. Nothing is lost: the transaction that failed changed nothing. */
export function explainStoreError(error: unknown): string {
  const name = error instanceof Error ? `${error.name} ${(error as { inner?: Error }).inner?.name ?? ''}` : '';
  if (/Quota/.test(name)) return 'This browser’s store is full, so nothing was added and nothing was lost. Remove papers that are done, or free some disk space, and try again.';
  if (/NotFound|NotReadable|DataClone|DataError/.test(name)) return 'It could not be read: it was moved, renamed or deleted meanwhile. Bring it again.';
  if (/InvalidState|UnknownError|OpenFailed|MissingAPI/.test(name)) return 'This browser does not let the application keep anything (private window?). Open it in an ordinary window.';
  return `It could not be kept: ${error instanceof Error ? error.message : String(error)}. Nothing was lost; try again.`;
}
