import { type Ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useCatalogue } from '@/stores/catalogue'
import { type Place, hashOf, placeOf } from './places'

export interface PlaceInHistoryOptions {
  place: Ref<Place>
  go: (to: Place) => void
  /** Whether the examination is open, so that its places are known. */
  ready: Ref<boolean>
}

/** Each place of the bench has an address behind the #: the browser's own back goes one place back, a reload stays. */
export function usePlaceInHistory({ place, go, ready }: PlaceInHistoryOptions): void {
  const router = useRouter()
  const route = useRoute()
  const { name } = route
  const catalogue = useCatalogue()

  /** Of our own moves one is under way: what the address says meanwhile is older than where the hand is. */
  let moving: string | null = null

  async function show(to: Place): Promise<void> {
    const hash = hashOf(to)
    if (route.name !== name || hash === route.hash) return
    moving = hash
    await router.push({ hash }).catch(() => undefined)
    if (moving === hash) moving = null
  }

  watch(place, show)

  watch(
    [() => route.hash, ready],
    ([hash]) => {
      if (moving !== null || !ready.value || route.name !== name || hash === hashOf(place.value)) return
      go(placeOf(hash, catalogue.catalogue?.manoeuvres.map(({ id }) => id) ?? []))
      // A place that may not be left yet keeps its address.
      if (hashOf(place.value) !== hash) void router.replace({ hash: hashOf(place.value) })
    },
    { immediate: true },
  )
}
