<script lang="ts">
  type Props = { at: string | null; date?: boolean };
  let { at, date = false }: Props = $props();

  const DAY = 86_400_000;
  const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', second: '2-digit' });
  const day = new Intl.DateTimeFormat('en-GB', { day: '2-digit', month: 'short' });

  const moment = $derived(at === null ? null : new Date(at));
  const withDay = $derived(moment !== null && (date || Date.now() - moment.getTime() > DAY));
</script>

{#if moment === null}<span class="quiet">never</span>{:else}<time class="figure" datetime={at} title={at}
    >{withDay ? `${day.format(moment)} ` : ''}{clock.format(moment)}</time
  >{/if}
