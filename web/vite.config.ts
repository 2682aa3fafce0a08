import react from '@vitejs/plugin-react';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync } from 'node:zlib';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { VitePWA } from 'vite-plugin-pwa';

/** The rooms that are kept in the browser: what they load is loaded once, the teacher's rooms are not among it. */
const KEPT = ['src/rooms/practice/PracticeDoor.tsx'];
/** What the entry loads itself. */
const ENTRY = 'index.html';

interface Chunk {
  file: string;
  imports?: string[];
  dynamicImports?: string[];
  css?: string[];
  assets?: string[];
}

/** The teacher's rooms that open without network once somebody has been there. */
const WITHOUT_NETWORK = ['src/ui/Shell.tsx', 'src/rooms/bench/Bench.tsx', 'src/rooms/shelf/Shelf.tsx'];

/** Every file that these rooms need, by the bundler's own list of chunks. */
function filesOf(rooms: string[]): Set<string> {
  const chunks = JSON.parse(readFileSync('dist/.vite/manifest.json', 'utf8')) as Record<string, Chunk>;
  const files = new Set<string>([ENTRY]);
  const seen = new Set<string>();
  const walk = (name: string, dynamic: boolean) => {
    if (seen.has(name)) return;
    seen.add(name);
    const chunk = chunks[name];
    if (!chunk) throw new Error(`The build has no ${name}.`);
    // Browsers that run the core as JavaScript are few: they keep it when they have had it.
    if (name.endsWith('/core.js')) return;
    for (const file of [chunk.file, ...(chunk.css ?? []), ...(chunk.assets ?? [])]) files.add(file);
    chunk.imports?.forEach((one) => walk(one, dynamic && one !== ENTRY));
    if (dynamic) chunk.dynamicImports?.forEach((one) => walk(one, true));
  };
  walk(ENTRY, false);
  rooms.forEach((room) => walk(room, true));
  return files;
}

/**
 * Writes what the teacher's rooms are made of, and each asset compressed beside itself: far smaller than a server compresses
 * while somebody waits.
 */
function compressed(): Plugin {
  return {
    name: 'compressed',
    apply: 'build',
    closeBundle: {
      order: 'post',
      sequential: true,
      handler() {
        const phone = filesOf(KEPT);
        const rooms = [...filesOf(WITHOUT_NETWORK)].filter((file) => !phone.has(file));
        writeFileSync('dist/rooms.json', JSON.stringify(rooms.map((file) => `/${file}`)));
        for (const file of readdirSync('dist/assets')) {
          if (!/\.(js|css|wasm)$/.test(file)) continue;
          const bytes = readFileSync(`dist/assets/${file}`);
          writeFileSync(`dist/assets/${file}.br`, brotliCompressSync(bytes));
        }
      },
    },
  };
}

const STYLES = 'node_modules/@mantine/core/styles';

/** Refuses a component that is drawn without its styles: only those of components in use are loaded. */
function styled(): Plugin {
  return {
    name: 'styled',
    apply: 'build',
    enforce: 'post',
    writeBundle(_, bundle) {
      const files = Object.values(bundle);
      const code = files.map((file) => (file.type === 'chunk' ? file.code : '')).join('');
      const loaded = files
        .map((file) => (file.type === 'asset' && file.fileName.endsWith('.css') ? String(file.source) : ''))
        .join('');
      const missing = readdirSync(STYLES).filter((file) => {
        if (file.endsWith('.layer.css')) return false;
        const names = readFileSync(`${STYLES}/${file}`, 'utf8').match(/m_[0-9a-f]+/g) ?? [];
        return names.some((name) => code.includes(name) && !loaded.includes(name));
      });
      if (missing.length > 0) this.error(`Import ${missing.join(', ')} in src/styles.ts.`);
    },
  };
}

const api = createHash('sha256').update(readFileSync('openapi.json')).digest('hex').slice(0, 12);

export default defineConfig({
  // What the module browser/ has compiled.
  resolve: { alias: { '@core': fileURLToPath(new URL('../browser/target/page', import.meta.url)) } },
  worker: { format: 'es' },
  plugins: [
    react(),
    styled(),
    compressed(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      injectRegister: false,
      manifest: false,
      injectManifest: {
        globPatterns: ['index.html', 'assets/*.{js,css,woff2,wasm}', 'pebbles.svg'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        manifestTransforms: [
          async (entries) => {
            const kept = filesOf(KEPT);
            return {
              manifest: entries.filter((entry) => kept.has(entry.url) || entry.url === 'pebbles.svg'),
            };
          },
        ],
      },
    }),
  ],
  define: { __BUILD__: JSON.stringify(api) },
  build: {
    target: 'es2022',
    sourcemap: false,
    manifest: true,
    license: { fileName: 'licences/page.md' },
    chunkSizeWarningLimit: 1200,
    rolldownOptions: {
      treeshake: {
        // Instruments and effects that are not used are left out; the core registers with each audio context as it is loaded.
        moduleSideEffects: [
          {
            test: /\/tone\/build\/esm\/(instrument|effect|component|event|source|signal)\//,
            sideEffects: false,
          },
        ],
      },
    },
  },
  // A busy machine may take long over the core; a test that hangs is ended all the same.
  test: { testTimeout: 120_000, hookTimeout: 120_000 },
  server: {
    proxy: Object.fromEntries(
      ['/api', '/calendar'].map((path) => [path, `http://localhost:${process.env.PORT ?? 8080}`]),
    ),
  },
});
