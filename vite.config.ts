import { createHash } from 'node:crypto'
import { fileURLToPath } from 'node:url'
import globalData from '@csstools/postcss-global-data'
import messages from '@intlify/unplugin-vue-i18n/vite'
import vue from '@vitejs/plugin-vue'
import customMedia from 'postcss-custom-media'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

/** The page around the interface comes from the server: it is new whenever something that it names is. */
function withShell(entries: { url: string; revision: string | null; size: number }[]) {
  const revision = createHash('sha256')
    .update(entries.map(({ url }) => url).join())
    .digest('hex')
    .slice(0, 16)
  return { manifest: [...entries, { url: '/', revision, size: 0 }] }
}

export default defineConfig({
  plugins: [
    vue(),
    messages({
      fullInstall: false,
      dropMessageCompiler: true,
      include: [fileURLToPath(new URL('./web/src/messages/en/*.json', import.meta.url))],
    }),
    VitePWA({
      // A new version waits until the person takes it: nothing is loaded anew in the middle of an examination.
      registerType: 'prompt',
      injectRegister: null,
      scope: '/',
      manifest: {
        id: '/',
        name: 'Gray Compass',
        short_name: 'Gray Compass',
        description: 'Examine both knees, see what each finding is worth, and what to test next.',
        start_url: '/',
        scope: '/',
        display: 'standalone',
        background_color: '#eeeeec',
        theme_color: '#1c1f22',
        icons: [
          { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,woff2}'],
        // 3.6 MB that not every visit needs: got when the browser is idle, and kept apart.
        globIgnores: ['**/judge-*'],
        runtimeCaching: [
          { urlPattern: /\/build\/assets\/judge-/, handler: 'CacheFirst', options: { cacheName: 'judge' } },
        ],
        modifyURLPrefix: { '': '/build/' },
        manifestTransforms: [withShell],
        navigateFallback: '/',
        navigateFallbackDenylist: [/^\/(api|build|health|page)(\/|$)/, /\.(svg|png)$/],
        cleanupOutdatedCaches: true,
        // Of use from the first visit on: its dialogs too come from the device once the network is gone.
        clientsClaim: true,
      },
    }),
  ],
  css: { postcss: { plugins: [globalData({ files: ['web/src/styles/breakpoints.css'] }), customMedia()] } },
  define: { __INTLIFY_PROD_DEVTOOLS__: false },
  base: '/build/',
  publicDir: false,
  resolve: { alias: { '@': fileURLToPath(new URL('./web/src', import.meta.url)) } },
  // Its own response carries the policy under which it may compile WebAssembly.
  worker: { format: 'es', rollupOptions: { output: { entryFileNames: 'assets/judge-[hash].js' } } },
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: true,
    modulePreload: { polyfill: false },
    // Where each line comes from, for the tests that ask which of them were run.
    sourcemap: process.env.WEB_MAPS === '1' ? 'hidden' : false,
    rollupOptions: { input: ['web/src/main.ts', 'web/src/page.ts'] },
  },
})
