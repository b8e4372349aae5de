<script lang="ts">
  import { ask } from './api';
  import Attempted from './Attempted.svelte';
  import { bench } from './bench.svelte';

  let name = $state('');
  let csv = $state('');
  let wexon = $state<{ url: string | null; is_set: boolean } | null>(null);
  let url = $state('');
  let token = $state('');

  $effect(() => {
    void ask<{ url: string | null; is_set: boolean }>('GET', 'wexon').then((answer) => {
      wexon = answer;
      url = answer.url ?? '';
    });
  });

  async function take() {
    const { key } = await ask<{ key: string }>('POST', 'imports', { name, csv });
    await bench.open();
    bench.chartKey = key;
    bench.candles = bench.chart?.interval ?? bench.candles;
    csv = '';
    await bench.draw();
  }

  async function read(files: FileList | null) {
    const file = files?.[0];
    if (file === undefined) return;
    name = name === '' ? file.name.replace(/\.csv$/i, '') : name;
    csv = await file.text();
  }

  async function tell() {
    await ask('PUT', 'wexon', { url, token });
    wexon = { url, is_set: true };
    token = '';
  }
</script>

<div class="flex flex-col gap-2">
  <h2 class="border-b border-base-300 font-bold">Candles of your own</h2>
  <p class="quiet">
    A CSV file whose first line names its columns: <span class="figure">time,open,high,low,close,volume</span>. Times are UTC.
  </p>
  <label class="flex flex-col">Name <input class="input input-sm w-full" bind:value={name} /></label>
  <input
    type="file"
    accept=".csv,text/csv"
    class="file-input w-full file-input-sm"
    aria-label="CSV file"
    onchange={(event) => void read(event.currentTarget.files)}
  />
  <textarea
    class="textarea figure w-full textarea-sm"
    rows="5"
    placeholder="or paste its lines"
    aria-label="CSV lines"
    bind:value={csv}></textarea>
  <Attempted primary work={take} disabled={csv.trim() === ''}>Bring them in</Attempted>

  <h2 class="mt-3 border-b border-base-300 font-bold">Wexon</h2>
  <p class="quiet">
    {wexon?.is_set ? `Known, at ${wexon.url}.` : 'Not known yet.'} “Trade these in Wexon” makes inlets and routes there, with a token
    of yours (<span class="figure">bin/wexon token</span>).
  </p>
  <label class="flex flex-col"
    >Address <input class="input figure input-sm w-full" bind:value={url} placeholder="http://127.0.0.1:8640" /></label
  >
  <label class="flex flex-col"
    >Token <input class="input figure input-sm w-full" bind:value={token} type="password" autocomplete="off" /></label
  >
  <Attempted work={tell} disabled={url === '' || token === ''}>Keep it</Attempted>
</div>
