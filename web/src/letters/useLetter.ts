import { computed, reactive, ref } from 'vue'
import { ApiError, answerOf, api } from '@/api/client'
import type { Letter } from '@/contract/types'

export interface LetterOptions {
  /** The letter to open. */
  id: () => string
}

/** One letter while it is written: what is typed, what is saved, and what another person wrote in between. */
export function useLetter({ id }: LetterOptions) {
  const letter = ref<Letter | null>(null)
  /** What another person saved meanwhile; what is typed here is kept beside it. */
  const newer = ref<Letter | null>(null)
  const given = reactive({ name: '', practice: '', address: '', email: '', subject: '', text: '' })

  const path = () => ({ path: { letter: id() } })
  const isSent = computed(() => typeof letter.value?.sent === 'string')
  const isChanged = computed(() => {
    const now = letter.value
    if (now === null) return false
    const { subject, text, ...to } = given
    return (
      subject !== now.subject ||
      text !== now.text ||
      Object.entries(to).some(([key, value]) => now.to[key as keyof Letter['to']] !== value)
    )
  })

  function show(shown: Letter): void {
    letter.value = shown
    newer.value = null
    Object.assign(given, shown.to, { subject: shown.subject, text: shown.text })
  }

  async function load(): Promise<void> {
    show(await answerOf(api.GET('/api/letters/{letter}', { params: path() })))
  }

  /** A newer version answers instead of ours being stored: both are shown, and someone decides. */
  async function orNewer(ask: () => Promise<Letter>): Promise<boolean> {
    try {
      show(await ask())
      return true
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 409) throw error
      newer.value = error.body.letter as Letter
      return false
    }
  }

  function wording(version: number) {
    const { subject, text, ...to } = given
    return { version, to, subject, text }
  }

  function save(): Promise<boolean> {
    const body = wording(letter.value!.version)
    return orNewer(() => answerOf(api.PUT('/api/letters/{letter}', { params: path(), body })))
  }

  /** Ours on top of theirs, which stays among the versions. */
  async function keepOurs(): Promise<boolean> {
    const body = wording(newer.value!.version)
    return orNewer(() => answerOf(api.PUT('/api/letters/{letter}', { params: path(), body })))
  }

  async function send(by: 'mail' | 'hand', carries: string[]): Promise<boolean> {
    if (isChanged.value && !(await save())) return false
    const body = { version: letter.value!.version, by, carries }
    return orNewer(() => answerOf(api.POST('/api/letters/{letter}/sending', { params: path(), body })))
  }

  async function discard(): Promise<void> {
    await answerOf(api.DELETE('/api/letters/{letter}', { params: path() }))
  }

  async function takeBack(): Promise<void> {
    const params = { path: { discarded: id() } }
    await answerOf(api.POST('/api/letters/{discarded}/restoration', { params }))
    await load()
  }

  return { letter, newer, given, isSent, isChanged, load, save, send, discard, takeBack, keepOurs, show }
}
