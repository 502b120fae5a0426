/** The page that an athlete takes along: what stands behind the # of its address opens it, and is sent in a header. */
interface Part {
  heading: string
  say: string
}

interface AthletePage {
  language: string
  title: string
  caution: string
  parts: Part[]
}

/** Said before it is known in which language the page is: in the one of the device, where there is such a page. */
const ENGLISH = {
  closed: 'This page is not open any more. Ask the person who examined your knee.',
  away: 'The page cannot be loaded just now. Try again in a moment.',
}
const OTHERS: Record<string, typeof ENGLISH> = {
  de: {
    closed: 'Diese Seite ist nicht mehr offen. Frag die Person, die dein Knie untersucht hat.',
    away: 'Die Seite kann gerade nicht geladen werden. Versuch es gleich noch einmal.',
  },
  es: {
    closed: 'Esta página ya no está abierta. Pregunta a la persona que examinó tu rodilla.',
    away: 'Ahora no se puede cargar la página. Inténtalo de nuevo en un momento.',
  },
  fr: {
    closed: 'Cette page n’est plus ouverte. Demande à la personne qui a examiné ton genou.',
    away: 'La page ne peut pas être chargée pour le moment. Réessaie dans un instant.',
  },
}
const SAID = OTHERS[navigator.language.slice(0, 2)] ?? ENGLISH

async function read(): Promise<AthletePage | string> {
  try {
    const answer = await fetch('/api/page', { headers: { 'X-Page-Token': location.hash.slice(1) } })
    if (answer.status === 404) return SAID.closed
    return answer.ok ? ((await answer.json()) as AthletePage) : SAID.away
  } catch {
    return SAID.away
  }
}

function element(name: 'h2' | 'p', text: string): HTMLElement {
  const made = document.createElement(name)
  made.textContent = text
  return made
}

async function show(): Promise<void> {
  const page = await read()
  const said =
    typeof page === 'string'
      ? [element('p', page)]
      : [
          ...page.parts.flatMap(({ heading, say }) => [element('h2', heading), element('p', say)]),
          ...(page.caution === '' ? [] : [element('p', page.caution)]),
        ]
  if (typeof page !== 'string') {
    document.documentElement.lang = page.language
    document.title = page.title
  }
  document.querySelector('main')?.replaceChildren(...said)
}

addEventListener('hashchange', () => void show())
void show()
