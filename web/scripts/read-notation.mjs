// Lets a reader that is not ours open MusicXML files and count their notes: node scripts/read-notation.mjs FOLDER
import fs from 'node:fs';
import path from 'node:path';
import createVerovioModule from 'verovio/wasm';
import { VerovioToolkit } from 'verovio/esm';

const folder = process.argv[2];
const toolkit = new VerovioToolkit(await createVerovioModule());
toolkit.setOptions({ inputFrom: 'xml' });
let notes = 0;
const wrong = [];
const files = fs.readdirSync(folder).filter((name) => name.endsWith('.musicxml'));
for (const name of files) {
  const text = fs.readFileSync(path.join(folder, name), 'utf8');
  const opened = toolkit.loadData(text);
  const written = (text.match(/<pitch>/g) ?? []).length;
  const read = (toolkit.getMEI().match(/<note /g) ?? []).length;
  const complaint = toolkit.getLog();
  notes += written;
  if (!opened || written !== read || complaint) wrong.push({ name, opened, written, read, complaint });
}
wrong.slice(0, 10).forEach((one) => console.log(JSON.stringify(one)));
console.log(
  `${files.length} files, ${notes} notes, ${wrong.length} with a complaint or another count of notes`,
);
process.exitCode = files.length === 0 || wrong.length > 0 ? 1 : 0;
