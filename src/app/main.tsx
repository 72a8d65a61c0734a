import '@/ui/nonce';
import './styles.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { useTheme } from '@/ui/theme';
import { App } from './app';
import { startOffline } from './offline';
import { note, startJournal } from '@/store';
import { startSunTheme } from './sun-theme';

startJournal();
useTheme.getState().start();
startSunTheme();
startOffline();
createRoot(document.getElementById('root') as HTMLElement, {
  onUncaughtError: note,
  onCaughtError: note,
}).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
