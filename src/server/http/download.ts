/** A JSON file for the browser to save, named after `name`. */
export function download(name: string, content: unknown): Response {
  const plain =
    name
      .replace(/[^A-Za-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .toLowerCase() || 'plan'
  return new Response(`${JSON.stringify(content, null, 2)}\n`, {
    headers: {
      'content-type': 'application/json',
      'content-disposition': `attachment; filename="${plain}.vicinor.json"; filename*=UTF-8''${encodeURIComponent(name)}.vicinor.json`,
    },
  })
}
