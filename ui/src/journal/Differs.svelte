<script lang="ts">
  import type { Message } from '../api/client';

  type Props = { message: Message; differs: NonNullable<Message['differs']> };
  let { message, differs }: Props = $props();
</script>

<section class="rounded bg-base-200 p-3 text-sm" aria-label="What differs">
  {#if differs.length === 0}
    <p class="font-semibold text-success">The same as the first time: the same meaning, the same steps, the same orders.</p>
  {:else}
    <p class="mb-1 font-semibold">
      What differs from <a class="link" href="/journal/{message.rerun_of}">the first time</a>
      <span class="quiet font-normal">– rules, position and prices are today's</span>
    </p>
    <div class="overflow-x-auto">
      <table class="ledger">
        <thead><tr><th>About</th><th>Then</th><th>Now</th></tr></thead>
        <tbody>
          {#each differs as one (one.what)}
            <tr><td class="font-semibold">{one.what}</td><td class="quiet">{one.before ?? '–'}</td><td>{one.after ?? '–'}</td></tr
            >
          {/each}
        </tbody>
      </table>
    </div>
  {/if}
</section>
