import react from '@vitejs/plugin-react'
import { readFileSync } from 'node:fs'
import type { Plugin } from 'vite'
import { defineConfig } from 'vitest/config'

/** Where `./logismos demo` answers; pages served for development ask it as if they were its own. */
const program = 'http://127.0.0.1:8420'

/**
 * What draws in space has the sizes of its textures as texts, and would compile them in the page, which the page's
 * security policy forbids. All of them are known: they are compiled here.
 */
function compiledSizes(): Plugin {
  return {
    name: 'compiled-sizes',
    transform(code, id) {
      if (!id.endsWith('/claygl/src/createCompositor.js')) return null
      const texts = readFileSync('node_modules/echarts-gl/lib/effect/composite.js', 'utf8').matchAll(/'expr\((.*)\)'/g)
      const sizes = [...new Set([...texts].map(([, text]) => text))].map(
        (text) => `${JSON.stringify(text)}: (width, height, dpr) => (${text})`,
      )
      const compiled = code.replace(/new Function\(.*\)/, 'SIZES[exprRes[1]]')
      if (compiled === code || sizes.length === 0) throw new Error('The sizes of textures are no longer found.')
      return `${compiled}\nconst SIZES = {\n${sizes.join(',\n')}\n};`
    },
  }
}

export default defineConfig({
  plugins: [react(), compiledSizes()],
  build: { outDir: 'dist', chunkSizeWarningLimit: 1700 }, // what draws formulas as outlines is that large, and seldom loaded
  server: { proxy: { '/api': { target: program, changeOrigin: true, headers: { origin: program } } } },
  test: { environment: 'happy-dom', include: ['src/**/*.test.{ts,tsx}'] },
})
