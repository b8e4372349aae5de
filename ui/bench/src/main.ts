import { mount } from 'svelte';
import BenchPage from './BenchPage.svelte';
import './bench.css';

const target = document.getElementById('bench');
if (target === null) throw new Error('The page has no place for the bench.');
mount(BenchPage, { target });
