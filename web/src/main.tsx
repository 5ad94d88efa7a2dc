import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/bricolage-grotesque/wght.css';
import './page.css';
import { createRoot } from 'react-dom/client';
import { App } from './shell/App';
import { applyLight } from './settings/settings';

applyLight();
const root = document.getElementById('root');
if (root) {
  createRoot(root).render(<App />);
}
