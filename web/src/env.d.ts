/// <reference types="vite-plugin-pwa/vue" />

declare module '*.css'
declare module '*.css?raw' {
  const text: string
  export default text
}
declare module '@fontsource-variable/atkinson-hyperlegible-next'

declare module '*.vue' {
  import type { DefineComponent } from 'vue'
  const component: DefineComponent<object, object, unknown>
  export default component
}
