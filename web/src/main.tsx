import { chosenLanguage, speak } from './app/words.ts';
import './styles.css';

// The words come first: what the page is made of may use them from the start.
const language = chosenLanguage();
document.documentElement.lang = language;
await speak(language);
const { start } = await import('./app/start.tsx');
start();
