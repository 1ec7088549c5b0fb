import { readWeek, writeWeek } from './core/hours/index.ts';
import { plainLetters, toEnglish, languageOf } from './core/hours/translate.ts';
const l=process.argv[2]!;
for (const t of process.argv.slice(3)) { const r=readWeek(t,l); const L=languageOf(l); console.log(t,'=>',writeWeek(r.hours), r.faults.map(f=>f.message.slice(0,90)), L && toEnglish(plainLetters(t),L)); }
