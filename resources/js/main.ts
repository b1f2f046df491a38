import { mount } from 'svelte';
import './theme/fonts.css';
import 'carbon-components-svelte/css/all.css';
import './theme/theme.css';
import './parts/frame.css';
import App from './App.svelte';

const target = document.getElementById('app');
if (target) {
    mount(App, { target });
}
