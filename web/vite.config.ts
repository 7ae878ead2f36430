import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

/** Where `./logismos demo` answers; pages served for development ask it as if they were its own. */
const program = 'http://127.0.0.1:8420'

export default defineConfig({
  plugins: [react()],
  build: { outDir: 'dist', chunkSizeWarningLimit: 1700 }, // what draws formulas as outlines is that large, and seldom loaded
  server: { proxy: { '/api': { target: program, changeOrigin: true, headers: { origin: program } } } },
  test: { environment: 'happy-dom', include: ['src/**/*.test.{ts,tsx}'] },
})
