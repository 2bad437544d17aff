// Writes a compressed copy beside every script, style and drawing that was built, so that the server sends it as a file
// and compresses nothing itself. Fonts are compressed already.
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const KINDS = /\.(js|css|svg|html)$/;
const WORTH_IT = 1024;
/** The highest, 11, takes ten times as long at every first start and saves a twelfth. */
const QUALITY = 9;

for (const name of readdirSync('target/classes/static', { recursive: true })) {
  const file = join('target/classes/static', name);
  if (!KINDS.test(file) || statSync(file).size < WORTH_IT) continue;
  const content = readFileSync(file);
  writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
  const params = { [constants.BROTLI_PARAM_QUALITY]: QUALITY };
  writeFileSync(`${file}.br`, brotliCompressSync(content, { params }));
}
