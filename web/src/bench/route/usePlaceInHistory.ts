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

  watch(place, (to) => {
    if (route.name === name && hashOf(to) !== route.hash) void router.push({ hash: hashOf(to) })
  })

  watch(
    [() => route.hash, ready],
    ([hash]) => {
      if (!ready.value || route.name !== name || hash === hashOf(place.value)) return
      go(placeOf(hash, catalogue.catalogue?.manoeuvres.map(({ id }) => id) ?? []))
      // A place that may not be left yet keeps its address.
      if (hashOf(place.value) !== hash) void router.replace({ hash: hashOf(place.value) })
    },
    { immediate: true },
  )
}
