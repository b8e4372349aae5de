<script lang="ts">
  import { Bell } from '@lucide/svelte';
  import { browserNotices } from './browser.svelte';
  import { useNotices } from '../state/queries';

  const notices = useNotices();
  const unread = $derived(notices.data?.unread ?? 0);

  $effect(() => browserNotices.tell(notices.data?.data ?? []));
</script>

<a class="btn relative btn-ghost btn-sm" href="/notices" title="Notices" aria-label="Notices, {unread} not read"
  ><Bell class="size-4" />{#if unread > 0}<span
      class="figure absolute -top-0.5 -right-0.5 min-w-4 rounded-full bg-warning px-1 text-center text-[0.65rem] leading-4 font-bold text-warning-content"
      >{unread > 99 ? '99+' : unread}</span
    >{/if}</a
>
