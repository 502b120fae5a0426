/** The one door to what is kept on the device and sent from it. */
export { type Begun, newId } from './begun'
export {
  type Desk,
  type Refused,
  type StoredPart,
  type Unsent,
  type Waiting,
  beginsHere,
  discardDesks,
  discardUnsent,
  emptyDesk,
  keep,
  takeUp,
  unsent,
} from './desk'
export { merge, same } from './merge'
export { type Read, readThrough } from './readThrough'
export { refusedAs } from './refusal'
export { type RetryOptions, type RetryReturn, useRetry } from './retry'
export {
  type SaveHandlers,
  type SaveQueueOptions,
  type SaveQueueReturn,
  type SaveState,
  useSaveQueue,
} from './saveQueue'
export { sendAll } from './sendAll'
export { type Shelved, clearShelf, examinationName, shelve, shelved, tidyShelf, unshelve } from './shelf'
export { thisTab } from './tab'
export { closeVault, openVault, vault } from './vault'
export { confirmKey, forgetKey, isWrapped, triesLeft, unwrapKey, wrapKey } from './wrap'
