/** A table as a spreadsheet takes it (RFC 4180), under a name of its own. */
export function csvAnswer(text: string, name: string): Response {
  return new Response(text, {
    headers: {
      'content-type': 'text/csv; charset=utf-8; header=present',
      'content-disposition': `attachment; filename="${name}"`,
    },
  });
}
