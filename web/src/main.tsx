import { chosenLanguage, speak } from './words/words.ts';
import './styles.css';

// The words come first: what the page is made of may use them from the start.
const language = chosenLanguage();
document.documentElement.lang = language;
await speak(language);
const { start } = await import('./shell/start.tsx');
start();
