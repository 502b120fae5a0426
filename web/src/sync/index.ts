/** The one door to what is kept on the device and sent from it. */
export { type Desk, type Refused, type StoredPart, type Waiting, takeUp, unsent } from './desk'
export { merge, same } from './merge'
export {
  type SaveHandlers,
  type SaveQueueOptions,
  type SaveQueueReturn,
  type SaveState,
  useSaveQueue,
} from './saveQueue'
export { thisTab } from './tab'
export { closeVault, openVault } from './vault'
