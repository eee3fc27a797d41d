// Builds the one style sheet and copies fonts and scripts from their packages into the web module's
// output, so that the application loads nothing from outside.
import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { dirname, join } from 'node:path';

const here = dirname(fileURLToPath(import.meta.url));
const out = join(here, '..', 'target', 'classes', 'static');
const packages = join(here, 'node_modules');
for (const folder of ['css', 'js', 'fonts']) mkdirSync(join(out, folder), { recursive: true });

execFileSync(
  process.execPath,
  [join(packages, '@tailwindcss', 'cli', 'dist', 'index.mjs'),
    '-i', join(here, 'fermix.css'), '-o', join(out, 'css', 'fermix.css'), '--minify'],
  { stdio: ['ignore', 'ignore', 'inherit'], cwd: here });

cpSync(join(packages, 'htmx.org', 'dist', 'htmx.min.js'), join(out, 'js', 'htmx.js'));
cpSync(join(packages, '@alpinejs', 'csp', 'dist', 'cdn.min.js'), join(out, 'js', 'alpine.js'));
// The PDF wants faces of one weight each, as TrueType.
for (const [family, name] of [['overpass', 'Overpass'], ['overpass-mono', 'OverpassMono']]) {
  for (const [folder, weight] of [['400Regular', 400], ['700Bold', 700]]) {
    cpSync(join(packages, '@expo-google-fonts', family, folder, `${name}_${folder}.ttf`), join(out, 'fonts', `${name}-${weight}.ttf`));
  }
}
cpSync(join(packages, 'dejavu-fonts-ttf', 'ttf', 'DejaVuSans.ttf'), join(out, 'fonts', 'fallback.ttf'));
for (const family of ['overpass', 'overpass-mono']) {
  for (const range of ['latin', 'latin-ext']) {
    const file = `${family}-${range}-wght-normal.woff2`;
    cpSync(join(packages, '@fontsource-variable', family, 'files', file), join(out, 'fonts', file));
  }
}
