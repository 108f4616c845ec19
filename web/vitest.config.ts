import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

/** What the page computes and keeps, without a browser; whole journeys are in tests/Nerezza.Browser.Tests. */
export default defineConfig({
  plugins: [react()],
  test: { environment: 'happy-dom', include: ['tests/**/*.test.{ts,tsx}'], setupFiles: ['tests/setup.ts'] },
})
