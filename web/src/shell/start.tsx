import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { BrowserRouter } from 'react-router';
import { installWorker } from '../offline/worker.ts';
import { App } from './App.tsx';
import { paint } from '../ui/paint.ts';
import { store } from '../store/store.ts';
import { showTextSize } from '../store/textSize.ts';

/** Draws the page. */
export const start = (): void => {
  paint(document.documentElement);
  showTextSize();
  installWorker();
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <Provider store={store}>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </Provider>
    </StrictMode>,
  );
};
