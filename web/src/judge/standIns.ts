/** The module asks for a document and a window before it knows that it runs in a worker: it gets what it looks at. */
const here = globalThis as unknown as { document?: unknown; window?: unknown }
here.document ??= { currentScript: null, baseURI: location.href }
here.window ??= globalThis
