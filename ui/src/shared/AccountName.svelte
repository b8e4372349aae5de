<script lang="ts">
  import type { Environment } from '../api/client';

  type Props = { account: { name: string; environment: Environment } };
  let { account }: Props = $props();
</script>

<span class="whitespace-nowrap"
  >{account.name}{#if account.environment === 'live'}&nbsp;<span
      class="rounded-sm bg-live px-1 text-[0.65rem] font-bold tracking-wider text-base-100">LIVE</span
    >{/if}</span
>
