import '@/ui/nonce';
import './styles.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { useTheme } from '@/ui/theme';
import { App } from './app';

useTheme.getState().start();
createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
