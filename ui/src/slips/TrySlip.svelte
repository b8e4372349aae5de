<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type Slip } from '../api/client';
  import { navigate } from '../router';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';

  type Props = { slip: Slip; inlet: number };
  let { slip, inlet }: Props = $props();

  /** What the platform would fill in, for a message that can be tried before there is an alert. */
  const filled: Record<string, string> = {
    order_action: 'buy',
    position_before: 'flat',
    position_after: 'long',
    order_size: '1',
    position_size: '1',
  };
  const attempt = new Attempt();
  let open = $state(false);
  let body = $state(untrack(example));

  function example(): string {
    const parsed = slip.message ?? `${slip.kind} slip ${slip.code}`;
    return parsed
      .replace(/,?\s*"(?:price|fired_at|label)": "[^"]*[$%{<][^"]*"/g, '')
      .replace(/ (?:price|fired|label) (?:"[^"]*"|\S+)/g, '')
      .replace(/\$\{(\w+)\}/g, (whole, name: string) => filled[name] ?? whole);
  }

  const run = () =>
    attempt.run(async () => {
      const answer = await take(api.POST('/inlets/{inlet}/test', { params: { path: { inlet } }, body: { body, dry: true } }));
      await navigate('/journal/:id', { params: { id: answer.id } });
    });
</script>

<details class="border-t border-base-300 pt-2 print:hidden" bind:open>
  <summary class="cursor-pointer text-sm font-semibold">Try it before the alert is made</summary>
  <div class="mt-2 flex flex-col gap-2">
    <textarea
      class="textarea figure w-full text-xs whitespace-pre-wrap"
      rows="4"
      bind:value={body}
      aria-label="Example of {slip.kind}"
      spellcheck="false"></textarea>
    <div><button class="btn btn-sm" disabled={attempt.busy} onclick={() => void run()}>Dry run</button></div>
    {#if attempt.error}<Problem error={attempt.error} />{/if}
  </div>
</details>
