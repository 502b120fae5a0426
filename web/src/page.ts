/** The page that an athlete takes along: what stands behind the # of its address opens it, and is sent in a header. */
interface Part {
  heading: string
  say: string
}

const CLOSED = 'This page is not open any more. Ask the person who examined your knee.'
const AWAY = 'The page cannot be loaded just now. Try again in a moment.'

async function read(): Promise<Part[] | string> {
  try {
    const answer = await fetch('/api/page', { headers: { 'X-Page-Token': location.hash.slice(1) } })
    if (answer.status === 404) return CLOSED
    return answer.ok ? ((await answer.json()) as { parts: Part[] }).parts : AWAY
  } catch {
    return AWAY
  }
}

function element(name: 'h2' | 'p', text: string): HTMLElement {
  const made = document.createElement(name)
  made.textContent = text
  return made
}

async function show(): Promise<void> {
  const parts = await read()
  const said =
    typeof parts === 'string'
      ? [element('p', parts)]
      : parts.flatMap(({ heading, say }) => [element('h2', heading), element('p', say)])
  document.querySelector('main')?.replaceChildren(...said)
}

addEventListener('hashchange', () => void show())
void show()
